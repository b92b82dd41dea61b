<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

/** For drawing; what a question does not need is null. */
final readonly class PracticeFigure extends View
{
    /**
     * @param  list<string>|null  $steps
     * @param  list<PracticeWord>|null  $words  of a line, in the order of the reader's language
     * @param  list<FigureMark>|null  $marks
     */
    public function __construct(
        public ?PracticeTool $tool,
        public ?array $steps,
        public ?array $words,
        public ?float $level_ml,
        public ?float $eye_deg,
        public ?int $rings,
        public ?array $marks,
        public ?PracticeHands $hands,
    ) {
    }

    /** Of the tool that hands are shown with, where a question names none: a cup. */
    private const A_CUP_ML = 236.588;

    /** @param  array<string, mixed>  $figure  of the question's maker */
    public static function of(array $figure): self
    {
        $hands = is_array($figure['hands'] ?? null) ? $figure['hands'] : null;
        $number = static fn (string $name): ?float => is_numeric($figure[$name] ?? null) ? (float) $figure[$name] : null;
        $texts = static fn (string $name): ?array => is_array($figure[$name] ?? null) ? array_values(
            array_filter($figure[$name], is_string(...)),
        ) : null;
        $steps = $texts('steps');
        $rings = $number('rings');

        return new self(
            tool: PracticeTool::of($figure + ['ml' => $hands === null ? null : self::A_CUP_ML]),
            steps: $steps === null ? null : array_map(static fn (string $step): string => Said::phrase(Phrase::of("step.$step")), $steps),
            words: PracticeWord::line($figure['words'] ?? null),
            level_ml: $number('level_ml'),
            eye_deg: $number('eye_deg'),
            rings: $rings === null ? null : (int) $rings,
            marks: FigureMark::all($figure['marks'] ?? null),
            hands: $hands === null ? null : PracticeHands::of($hands),
        );
    }
}
