<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Practice\PracticeOf;
use App\Words\Said;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Skill;

/** A question as a screen asks it: what is right is not in here. */
final readonly class PracticeQuestion extends View
{
    /**
     * @param  'choice'|'order'|'number'|'tools'|'words'|'keys'  $kind
     * @param  list<PracticeChoice>  $choices
     * @param  string|null  $picture  what it shows, in words enough to answer by
     */
    public function __construct(
        public int $turn,
        public string $id,
        public string $skill,
        public Skill $skill_id,
        public string $kind,
        public string $prompt,
        public array $choices,
        public PracticeFigure $figure,
        public ?string $picture,
        public ?string $about,
        public int $done_today,
        public int $a_day,
    ) {
    }

    /** Wherever it is asked: in a student's own turn, or of the whole class, where there is none. */
    public static function of(Question $question, ?PracticeOf $practice = null): self
    {
        return new self(
            turn: $practice?->turn() ?? 0,
            id: $question->id(),
            skill: Said::phrase($question->skill->said()),
            skill_id: $question->skill,
            kind: $question->expected->kind(),
            prompt: Said::phrase($question->prompt),
            choices: array_map(PracticeChoice::of(...), $question->choices),
            figure: PracticeFigure::of($question->figure),
            picture: $question->picture === null ? null : Said::phrase($question->picture),
            about: $question->about?->value,
            done_today: $practice?->doneToday() ?? 0,
            a_day: $practice === null ? 0 : PracticeOf::A_DAY,
        );
    }
}
