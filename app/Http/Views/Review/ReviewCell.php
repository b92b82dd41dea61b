<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\Cell;
use Hovik\Core\Review\Habit;
use Hovik\Core\Review\ReadsAs;
use Hovik\Core\Review\Story;

/** One student and one family over a term. */
final readonly class ReviewCell extends View
{
    /**
     * @param  int  $n  first tries it rests on
     * @param  float  $pct  of the target, signed: the middle of them; of two ways, of the far one
     * @param  string|null  $said  a sentence; null where there is too little
     * @param  string|null  $hint  what else is known where there is too little
     */
    public function __construct(
        public string $family,
        public Habit $habit,
        public int $n,
        public float $pct,
        public float $spread_pct,
        public Habit $best_habit,
        public float $best_pct,
        public int $lines,
        public int $level_first,
        public int $level_best,
        public ?string $said,
        public ?string $hint,
    ) {
    }

    /**
     * @param  array{int, int}  $seen  steps seen done, of those looked at
     * @param  array{int, int}  $practised  questions right, of those asked
     * @param  bool  $inWords  a whole class's page shows marks alone
     */
    public static function of(Family $family, ?Cell $cell, array $seen, array $practised, bool $inWords = true): self
    {
        $reads = $cell->first ?? ReadsAs::of([]);
        $best = $cell->best ?? $reads;
        $said = $inWords ? Story::family($family, $reads) : null;
        $hint = Cell::hint($cell, $seen, $practised);

        return new self(
            $family->value, $reads->habit, $reads->n, $reads->pct, $reads->spreadPct, $best->habit, $best->pct,
            $cell->lines ?? 0, $cell->levelFirst ?? 0, $cell->levelBest ?? 0, $said === null ? null : Said::phrase($said),
            $hint === null ? null : Said::phrase($hint),
        );
    }
}
