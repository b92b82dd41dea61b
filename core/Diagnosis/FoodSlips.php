<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Weighing\Geometry;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Weighing\WorkingHabit;

/** Slips between the package and the rim: how the food got into the tool, and how its top was made level. */
final class FoodSlips
{
    /** Of several fills, this often only one went wrong. An estimate of ours, as all shares here are. */
    private const ONE_OF_SEVERAL = 0.3;

    /** What a slip makes of the filling: handlings and how often each, most telling first. */
    private const HANDLINGS = [
        'dipped' => ['dipped' => 0.7, 'dipped-compacted-bin' => 0.3],
        'tapped' => ['tapped' => 1.0],
        'pressed' => ['pressed-light' => 0.55, 'packed-firm' => 0.45],
        'not-loosened' => ['spooned' => 0.7, 'dipped-compacted-bin' => 0.3],
        'sifted' => ['sifted' => 1.0],
        'unsifted' => ['stirred-spooned' => 0.75, 'spooned' => 0.25],
        'loose-sugar' => ['loose' => 0.4, 'spooned' => 0.3, 'dipped' => 0.3],
        'air-pockets' => ['air-pockets' => 0.7, 'spooned' => 0.15, 'loose' => 0.15],
        'lumps' => ['lumpy' => 1.0],
    ];

    /** s of a mound or a dish, from 0.4 to 1 with mean 0.7 (the craft's page): where, and how far around. */
    private const MOUNDS = [0.47, 0.7, 0.93];

    private const AROUND = 0.08;

    /** Dry food in a jug is shaken level and read by eye: this much of its weight to and fro. An estimate of ours. */
    private const JUG_SPREAD = 0.06;

    /** Well under the rim: this full, give or take (the craft's page: 60 to 85 %). */
    private const UNDER = [0.63, 0.72, 0.81];

    private const UNDER_SPREAD = 0.04;

    /** A spoon of liquid not full to the brim: this much is missing, and how much that varies. An estimate of ours. */
    private const NOT_BRIMFUL = [0.12, 0.05];

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $handled = self::HANDLINGS[$cause->value] ?? null;
        if ($handled !== null) {
            return self::handled($cause, $handled, $at);
        }

        return match ($cause) {
            Cause::Heaped => self::rim($at, static fn (float $s): WorkingHabit => WorkingHabit::of(heaped: $s)),
            Cause::Hollow => $at->ingredient->family->isPoured() ? self::notBrimful($at)
                : self::rim($at, static fn (float $s): WorkingHabit => WorkingHabit::of(hollow: $s)),
            Cause::JugForDry => self::inJug($at),
            Cause::Residue => self::residue($at),
            Cause::UnderFilled => self::underFilled($at),
            default => null,
        };
    }

    /** @param  array<string, float>  $handled */
    private static function handled(Cause $cause, array $handled, Situation $at): ?Prediction
    {
        $right = $at->density($at->handling);
        // A stick that is cut has no pockets and is not dipped.
        if ($right === null || $at->firstTool() === ToolKind::ButterWrapper || ! self::isSlip($cause, $at)) {
            return null;
        }
        $weights = [];
        foreach ($handled as $id => $often) {
            $density = $at->density(Handling::from($id));
            // What weighs the same as what is right here is no slip that a weight could show.
            if ($density !== null && $density->handling !== $at->handling && abs(self::ratio($density, $right) - 1) >= 0.009) {
                $weights = [
                    ...$weights,
                    ...self::allOrOne($at, $often, static fn (array $fills): Weight => WeightModel::of($fills, $density, self::good($at))),
                ];
            }
        }

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    /** Whether the slip makes sense for this family and the way this class measures. */
    private static function isSlip(Cause $cause, Situation $at): bool
    {
        $family = $at->ingredient->family;
        $isDry = ! $family->isPoured() && $family !== Family::Counted;

        return match ($cause) {
            Cause::Dipped => $isDry && $family !== Family::MoistSugar && $at->handling !== Handling::Dipped,
            Cause::Sifted => $family === Family::FinePowder && $at->handling !== Handling::Sifted,
            Cause::Unsifted => $at->handling === Handling::Sifted,
            Cause::NotLoosened => in_array(
                $family, [Family::FinePowder, Family::LeavenerSpice, Family::CoarseGrain, Family::GranularSugar], true,
            ),
            Cause::LooseSugar => $family === Family::MoistSugar,
            Cause::Pressed => ! in_array($family, [Family::SolidFat, Family::NutButter, Family::ThickDairyPuree], true)
                && ($family !== Family::MoistSugar || $at->handling === Handling::PressedLight),
            Cause::AirPockets => $family !== Family::GranularSugar,
            default => $isDry || $cause === Cause::Lumps,
        };
    }

    private static function ratio(Density $one, Density $other): float
    {
        return $one->factor->mean->toFloat() / $other->factor->mean->toFloat();
    }

    private static function good(Situation $at): WorkingHabit
    {
        return WorkingHabit::of(scraped: $at->isScraped() ? true : null);
    }

    /** @param  callable(float): WorkingHabit  $way  by s */
    private static function rim(Situation $at, callable $way): ?Prediction
    {
        $density = $at->density($at->handling);
        $canStand = static fn (Fill $fill): bool => $fill->toMark === null && Geometry::heapMl($fill->tool, $at->ingredient) > 0;
        if ($density === null || $at->fills === [] || count(array_filter($at->fills, $canStand)) < count($at->fills)) {
            return null; // a line on a wall, or a rim of unknown width
        }
        $weights = [];
        foreach (self::MOUNDS as $s) {
            $weights = [...$weights, ...self::allOrOne($at, 1.0, static function (array $fills) use ($at, $density, $way, $s): Weight {
                $weight = WeightModel::of($fills, $density, $way($s));
                $around = self::AROUND / $s * abs($weight->mean - $at->soundWith($fills)->mean);

                return new Weight(
                    $weight->mean, $weight->fillU, $weight->toolU, $weight->batchU, hypot($weight->habitU, $around),
                    $weight->residueU,
                );
            })];
        }

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    /** A cup or a spoon of dry or thick food that nobody filled to the rim. */
    private static function underFilled(Situation $at): ?Prediction
    {
        $density = $at->density($at->handling);
        $hasNoRim = static fn (Fill $fill): bool => $fill->toMark !== null || $fill->tool->kind === ToolKind::ButterWrapper;
        $canBe = $at->fills !== [] && array_filter($at->fills, $hasNoRim) === [] && ! $at->ingredient->family->isPoured();
        if ($density === null || ! $canBe) {
            return null;
        }
        $weights = [];
        foreach (self::UNDER as $share) {
            $weights = [...$weights, ...self::allOrOne($at, 1.0, static function (array $fills) use ($at, $share): Weight {
                $full = $at->soundWith($fills);

                return new Weight($full->mean * $share, hypot($full->u(), self::UNDER_SPREAD * $full->mean));
            })];
        }

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    private static function notBrimful(Situation $at): ?Prediction
    {
        if ($at->fills === [] || $at->firstTool()?->isMarked() === true) {
            return null;
        }
        $sound = $at->sound();

        return Prediction::ofWeights(
            [[1.0, new Weight($sound->mean * (1 - self::NOT_BRIMFUL[0]), hypot($sound->u(), $sound->mean * self::NOT_BRIMFUL[1]))]],
            $at->reading->scale,
        );
    }

    private static function inJug(Situation $at): ?Prediction
    {
        if (
            $at->ingredient->family->isPoured()
                || $at->fills === []
                || ! in_array($at->firstTool(), [ToolKind::DryCup, ToolKind::GraduatedDryMeasure], true)
        ) {
            return null;
        }
        $weights = [];
        foreach ([$at->handling, Handling::Tapped] as $handling) {
            $density = $at->density($handling);
            if ($density !== null) {
                $weight = WeightModel::of($at->fills, $density);
                $weights[] = [0.5, new Weight($weight->mean, hypot($weight->u(), self::JUG_SPREAD * $weight->mean))];
            }
        }

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    private static function residue(Situation $at): ?Prediction
    {
        $density = $at->density($at->handling);
        if ($density === null || $at->fills === [] || $at->ingredient->residue < 0.008) {
            return null;
        }

        return Prediction::ofWeights([[1.0, WeightModel::of($at->fills, $density, WorkingHabit::of(scraped: false))]], $at->reading->scale);
    }

    /**
     * The slip on every fill, or on just one of them.
     *
     * @param  callable(non-empty-list<Fill>): Weight  $slipped
     * @return list<array{float, Weight}>
     */
    private static function allOrOne(Situation $at, float $often, callable $slipped): array
    {
        if ($at->fills === []) {
            return [];
        }
        $n = $at->fillCount();
        if ($n === 1) {
            return [[$often, $slipped($at->fills)]];
        }
        $weights = [[$often * (1 - self::ONE_OF_SEVERAL), $slipped($at->fills)]];
        foreach ($at->fills as $i => $fill) {
            $weights[] = [
                $often * self::ONE_OF_SEVERAL * $fill->count / $n,
                Fills::together($at->soundWith(Fills::changed($at->fills, $i, -1)), $slipped([new Fill($fill->tool, 1, $fill->toMark)])),
            ];
        }

        return $weights;
    }
}
