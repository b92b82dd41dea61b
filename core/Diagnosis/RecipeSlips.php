<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Words\Phrase;

/** Slips of reading: another food, another amount than the recipe's. */
final class RecipeSlips
{
    /** @var array<string, array<string, float>> by ingredient: how other foods of its kind weigh against it */
    private static array $ratios = [];

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $times = match ($cause) {
            Cause::WrongIngredient => self::otherFoods($at),
            Cause::SaltCrystal => self::otherSalts($at),
            Cause::FlOzForOz => self::ounces($at),
            Cause::NotScaled => abs($at->factor - 1) < 1e-9 ? [] : [[1.0, 1 / $at->factor, 0.0]],
            Cause::ScaledTwice => abs($at->factor - 1) < 1e-9 ? [] : [[1.0, $at->factor, 0.0]],
            Cause::NeighbourLine => array_map(static fn (float $grams): array => [1.0, $grams / $at->targetG, 0.0], $at->others),
            default => [],
        };
        $sound = $at->sound();
        $relative = $sound->u() / $sound->mean;
        $weights = [];
        foreach ($times as $way) {
            [$often, $factor, $spread] = $way;
            if (abs($factor - 1) > 0.015) {
                $weights[] = [
                    $often, new Weight($sound->mean * $factor, $sound->mean * $factor * hypot($relative, $spread)),
                    isset($way[3]) ? Phrase::of("ingredient.$way[3]") : null,
                ];
            }
        }

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    /**
     * @return list<array{0: float, 1: float, 2: float, 3?: string}> how often, times as heavy, relative spread between packages, which food
     */
    private static function otherFoods(Situation $at): array
    {
        if (! $at->isMeasured()) {
            return [];
        }
        self::$ratios[$at->ingredient->id] ??= self::ratios($at);

        return array_map(
            static fn (float $ratio, string $id): array => [1.0, $ratio, 0.03, $id], self::$ratios[$at->ingredient->id],
            array_keys(self::$ratios[$at->ingredient->id]),
        );
    }

    /** @return array<string, float> by food; of those that weigh the same to two per cent the first */
    private static function ratios(Situation $at): array
    {
        $own = self::perCup($at->ingredient);
        $ratios = $seen = [];
        foreach ($at->pantry->lookAlikes($at->ingredient->id) as $id) {
            $other = $at->pantry->ingredient($id);
            $perCup = self::perCup($other);
            // One salt for another is a slip of its own.
            $areSalts = $other->kind === Kind::Salt && $at->ingredient->kind === Kind::Salt;
            if ($own !== null && $perCup !== null && ! $areSalts) {
                $ratio = $perCup / $own;
                $alike = (string) round(50 * log($ratio));
                if (! isset($seen[$alike])) {
                    $seen[$alike] = true;
                    $ratios[$id] = $ratio;
                }
            }
        }

        return $ratios;
    }

    private static function perCup(Ingredient $ingredient): ?float
    {
        return $ingredient->gramsPerTsp !== null
                && $ingredient->family === Family::LeavenerSpice
                    ? 48 * $ingredient->gramsPerTsp->toFloat()
                    : $ingredient->gramsPerUsCup?->toFloat();
    }

    /** @return list<array{0: float, 1: float, 2: float, 3?: string}> */
    private static function otherSalts(Situation $at): array
    {
        $own = self::perCup($at->ingredient);
        if ($own === null || ! $at->isMeasured() || $at->ingredient->kind !== Kind::Salt) {
            return [];
        }
        $times = [];
        foreach ($at->pantry->ofKind(Kind::Salt) as $id) {
            $other = $at->pantry->ingredient($id);
            $perCup = self::perCup($other);
            if ($id !== $at->ingredient->id && $perCup !== null) {
                $times[] = [$at->pantry->howOften($id), $perCup / $own, $other->cvBatch, $id];
            }
        }

        return $times;
    }

    /** @return list<array{0: float, 1: float, 2: float, 3?: string}> */
    private static function ounces(Situation $at): array
    {
        $perMl = $at->density($at->handling)?->inVesselAbout(100.0);
        if ($perMl === null) {
            return [];
        }
        $us = MeasureStandard::UsCustomary;
        $ratio = $us->sizeAbout(Unit::FluidOunce) * $perMl / $us->sizeAbout(Unit::Ounce); // what both weigh, by volume and by weight

        return match ($at->amount->unit) {
            Unit::Ounce, Unit::Pound => [[1.0, $ratio, 0.0]],
            Unit::FluidOunce => [[1.0, 1 / $ratio, 0.0]],
            default => [],
        };
    }
}
