<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** Slips of count and choice: a fill too few or too many, another tool than meant, a tool that is not what it says. */
final class ToolSlips
{
    /** The usual sets, where nobody says what was at hand. */
    private const USUAL = [
        'dry-cup' => ['dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1'],
        'measuring-spoon' => ['spoon-us-1-8-tsp', 'spoon-us-1-4-tsp', 'spoon-us-1-2-tsp', 'spoon-us-1-tsp', 'spoon-us-1-tbsp'],
    ];

    /** How often the hand falls on the next size, and on the one after it. */
    private const NEXT = [0.85, 0.15];

    /** A tool that fails its check: this far off, give or take. An estimate of ours. */
    private const OFF = [0.09, 0.03];

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $weights = match ($cause) {
            Cause::FillMissing => self::fillMissing($at),
            Cause::FillExtra => self::fillExtra($at),
            Cause::NeighbourTool => self::neighbours($at),
            Cause::TspForTbsp => self::spoons($at, false),
            Cause::TbspForTsp => self::spoons($at, true),
            Cause::ToolOffSize => self::offSize($at),
            default => [],
        };

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    /** @return list<array{0: float, 1: Weight, 2?: Phrase|null}> */
    private static function fillMissing(Situation $at): array
    {
        if ($at->isCounted()) {
            return self::pieces($at, -1.0);
        }
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            $left = Fills::changed($at->fills, $i, -1);
            if ($left !== []) {
                $weights[] = [(float) $fill->count, $at->soundWith($left), count($at->fills) > 1 ? $fill->tool->called() : null];
            }
        }

        return $weights;
    }

    /** @return list<array{0: float, 1: Weight, 2?: Phrase|null}> */
    private static function fillExtra(Situation $at): array
    {
        if ($at->isCounted()) {
            return self::pieces($at, 1.0);
        }
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            if ($fill->tool->kind !== ToolKind::ButterWrapper) {
                $weights[] = [
                    (float) $fill->count, $at->soundWith(Fills::changed($at->fills, $i, 1)),
                    count($at->fills) > 1 ? $fill->tool->called() : null,
                ];
            }
        }

        return $weights;
    }

    /** @return list<array{0: float, 1: Weight, 2?: Phrase|null}> */
    private static function pieces(Situation $at, float $more): array
    {
        $each = $at->ingredient->gramsPerPiece?->toFloat() ?? 0.0;
        $count = $each > 0 ? $at->targetG / $each + $more : 0.0;

        return $count < 0.5
                ? []
                : [
                    [
                        1.0, WeightModel::pieces($count, $each, $at->ingredient->cvBatch, $at->ingredient->cvFill),
                        Phrase::of("ingredient.{$at->ingredient->id}"),
                    ],
                ];
    }

    /** @return list<array{0: float, 1: Weight, 2?: Phrase|null}> */
    private static function neighbours(Situation $at): array
    {
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            if ($fill->toMark !== null) {
                continue; // a jug's other lines are a slip of their own
            }
            $others = array_filter(
                self::othersLike($fill->tool, $at), static fn (Tool $tool): bool => ! self::isTeaForTable($tool, $fill->tool),
            );
            foreach ([-1, 1] as $way) {
                $side = array_values(
                    array_filter($others, static fn (Tool $tool): bool => ($tool->aboutMl <=> $fill->tool->aboutMl) === $way),
                );
                usort(
                    $side,
                    static fn (Tool $a, Tool $b): int => abs($a->aboutMl - $fill->tool->aboutMl) <=> abs(
                        $b->aboutMl - $fill->tool->aboutMl,
                    ),
                );
                foreach (array_slice($side, 0, count(self::NEXT)) as $rank => $tool) {
                    $weights[] = [self::NEXT[$rank] * $fill->count, $at->soundWith(Fills::swapped($at->fills, $i, $tool)), $tool->called()];
                }
            }
        }

        return $weights;
    }

    /**
     * A teaspoon in a tablespoon's place, or the other way.
     *
     * @return list<array{0: float, 1: Weight, 2?: Phrase|null}>
     */
    private static function spoons(Situation $at, bool $isLarger): array
    {
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            if ($fill->tool->kind !== ToolKind::Spoon) {
                continue;
            }
            foreach (self::othersLike($fill->tool, $at, always: true) as $tool) {
                if (self::isTeaForTable($tool, $fill->tool) && ($tool->aboutMl > $fill->tool->aboutMl) === $isLarger) {
                    $weights[] = [(float) $fill->count, $at->soundWith(Fills::swapped($at->fills, $i, $tool))];
                }
            }
        }

        return $weights;
    }

    /** Whether these two are a teaspoon and a tablespoon: 3 to 1, or 4 to 1 where the tablespoon holds 20 mL. */
    private static function isTeaForTable(Tool $one, Tool $other): bool
    {
        if ($one->kind !== ToolKind::Spoon || $other->kind !== ToolKind::Spoon) {
            return false;
        }
        $ratio = max($one->aboutMl, $other->aboutMl) / min($one->aboutMl, $other->aboutMl);

        return ($ratio > 2.9 && $ratio < 3.1) || ($ratio > 3.9 && $ratio < 4.1 && max($one->aboutMl, $other->aboutMl) > 19);
    }

    /**
     * Other tools of the same kind that the hand could fall on.
     *
     * @return list<Tool>
     */
    private static function othersLike(Tool $tool, Situation $at, bool $always = false): array
    {
        $like = static fn (Tool $other): bool => $other->kind === $tool->kind && abs($other->aboutMl / $tool->aboutMl - 1) > 0.02;
        $owned = array_values(array_filter($at->drawer, $like));
        if ($at->drawer !== [] && ! $always) {
            return $owned;
        }
        $usual = array_map(static fn (string $id): Tool => ToolCatalogue::tool($id, $at->standard), self::USUAL[$tool->kind->value] ?? []);

        return [
            ...$owned,
            ...array_values(
                array_filter($usual, static fn (Tool $one): bool => $like($one)
                        && ! in_array($one->id, array_map(static fn (Tool $o): string => $o->id, $owned), true)),
            ),
        ];
    }

    /** @return list<array{0: float, 1: Weight, 2?: Phrase|null}> */
    private static function offSize(Situation $at): array
    {
        if ($at->fills === []) {
            return [];
        }
        $sound = $at->sound();
        [$off, $spread] = self::OFF;

        return [
            [0.5, new Weight($sound->mean * (1 - $off), hypot($sound->u(), $spread * $sound->mean))],
            [0.5, new Weight($sound->mean * (1 + $off), hypot($sound->u(), $spread * $sound->mean))],
        ];
    }
}
