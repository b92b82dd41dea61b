<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\ClassQuestion;
use App\Practice\PracticeOf;

final readonly class AskedOfMe extends View
{
    /**
     * @param  PracticeQuestion  $question  as turn 0
     * @param  mixed  $answer  as it was sent
     * @param  PracticeMarked|null  $marked  once the teacher shows the answer
     */
    public function __construct(
        public int $id,
        public PracticeQuestion $question,
        public bool $answered,
        public mixed $answer,
        public ?PracticeMarked $marked,
    ) {
    }

    public static function of(ClassQuestion $asked, PracticeOf $practice): self
    {
        $question = $asked->question();
        $mine = $practice->answered($asked);

        return new self(
            id: $asked->id,
            question: PracticeQuestion::of($question),
            answered: $mine !== null,
            answer: $mine?->answer,
            marked: $asked->shown_at === null ? null : PracticeMarked::of($question, $mine?->marked()),
        );
    }
}
