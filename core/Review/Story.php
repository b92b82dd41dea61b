<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** A term of one student in a few plain sentences, kind to whoever reads them. */
final class Story
{
    /** How often it was Level; what a second try brought. */
    public static function level(int $lines, int $first, int $best): Phrase
    {
        return Phrase::of(match (true) {
            $lines === 0 => 'story.none',
            $best > $first => 'story.level.better',
            default => 'story.level',
        }, ['lines' => $lines, 'first' => $first, 'best' => $best]);
    }

    /** How a family reads; null where there is too little. */
    public static function family(Family $family, ReadsAs $reads): ?Phrase
    {
        $name = Phrase::of("family.{$family->value}");
        $pct = round(abs($reads->pct));
        $way = $reads->pct < 0 ? 'under' : 'over';

        return match ($reads->habit) {
            Habit::NotYet => null,
            Habit::Steady => Phrase::of('story.steady', ['family' => $name]),
            Habit::SameSlip => Phrase::of("story.same-slip.$way", ['family' => $name, 'percent' => $pct]),
            Habit::Scattered => Phrase::of('story.scattered', ['family' => $name]),
            Habit::TwoCamps => Phrase::of("story.two-camps.$way", [
                'family' => $name, 'percent' => $pct, 'near' => $reads->camps[0] ?? 0, 'far' => $reads->camps[1] ?? 0,
            ]),
        };
    }
}
