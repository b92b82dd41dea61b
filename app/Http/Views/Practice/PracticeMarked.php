<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Practice\Question;

/** What is right and why, once it may be known. */
final readonly class PracticeMarked extends View
{
    /**
     * @param  bool|null  $right  null where nobody answered
     * @param  list<string>  $key  of choices and orders
     */
    public function __construct(
        public ?bool $right,
        public ?string $because,
        public string $explanation,
        public ?string $condition,
        public array $key,
    ) {
    }

    public static function of(Question $question, ?Marked $marked = null): self
    {
        $because = $marked?->because();
        $key = $question->expected->key();
        $shown = match ($question->expected->kind()) {
            'choice' => $key,
            'order' => is_array($key[0]) ? $key[0] : [],
            default => [],
        };

        return new self(
            right: $marked?->isRight,
            because: $because === null ? null : Said::phrase($because),
            explanation: Said::phrase($question->explanation),
            condition: $question->condition === null ? null : Said::phrase($question->condition),
            key: array_values(array_filter($shown, is_string(...))),
        );
    }
}
