<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;

/** What one ingredient takes for a station and for the class, with an allowance for measuring again. */
final readonly class Supplies
{
    /** Allowance for measuring again, % on top, where a teacher sets none. */
    public const USUAL_RETRY_PCT = 25;

    private function __construct(
        public Ingredient $ingredient,
        public BigRational $stationG,
        public BigRational $classG,
        public ?KitchenMeasure $stationMeasure,
        public ?KitchenMeasure $classMeasure,
    ) {
    }

    /**
     * One entry an ingredient, in the order they first come; the same ingredient of several lines is added up.
     *
     * @param  list<Need>  $lines
     * @param  int  $stations  1 to 60
     * @param  int  $retryPct  allowance for retries, % on top, 0 to 200
     * @return list<self>
     *
     * @throws InvalidInput
     */
    public static function of(array $lines, int $stations, int $retryPct, MeasureStandard $standard): array
    {
        if ($stations < 1 || $stations > 60) {
            throw InvalidInput::because('stations', Phrase::of('refusal.range', ['least' => 1, 'most' => 60]));
        }
        if ($retryPct < 0 || $retryPct > 200) {
            throw InvalidInput::because('retry_pct', Phrase::of('refusal.range', ['least' => 0, 'most' => 200]));
        }
        $allowance = BigRational::of(100 + $retryPct)->dividedBy(100);
        /** @var array<string, non-empty-list<Need>> $byIngredient */
        $byIngredient = [];
        foreach ($lines as $line) {
            $byIngredient[$line->ingredient->id][] = $line;
        }
        $supplies = [];
        foreach ($byIngredient as $own) {
            $own = array_values(array_filter($own, static fn (Need $line): bool => $line->stations !== 0));
            if ($own === []) {
                continue; // every station has something else
            }
            $one = static fn (Need $line): int => 1;
            $all = static fn (Need $line): int => $line->stations ?? $stations;
            $amount = self::sum($own, $standard, $one);
            $class = self::sum($own, $standard, $all)?->times($allowance);
            if ($class !== null && $class->unit->dimension() === Dimension::Count) {
                $class = Amount::of(
                    BigRational::of($class->number->toScale(0, RoundingMode::CEILING)), $class->unit,
                ); // nobody buys part of an egg
            }
            $supplies[] = new self(
                $own[0]->ingredient,
                self::grams($own, $one),
                self::grams($own, $all)->multipliedBy($allowance)->simplified(),
                $amount === null ? null : KitchenMeasure::of($amount, $standard),
                $class === null ? null : KitchenMeasure::of($class, $standard),
            );
        }

        return $supplies;
    }

    /**
     * @param  non-empty-list<Need>  $lines
     * @param  callable(Need): int  $times
     */
    private static function grams(array $lines, callable $times): BigRational
    {
        return array_reduce(
            $lines, static fn (BigRational $sum, Need $line): BigRational => $sum->plus($line->grams->multipliedBy($times($line))),
            BigRational::zero(),
        );
    }

    /**
     * @param  non-empty-list<Need>  $lines
     * @param  callable(Need): int  $times
     * @return Amount|null null where the lines say volumes and weights
     */
    private static function sum(array $lines, MeasureStandard $standard, callable $times): ?Amount
    {
        $first = $lines[0]->amount;
        $sum = BigRational::zero();
        foreach ($lines as $line) {
            if ($line->amount->unit->dimension() !== $first->unit->dimension()) {
                return null;
            }
            $sum = $sum->plus($line->amount->inBase($standard)->multipliedBy($times($line)));
        }

        return Amount::of($sum->dividedBy($standard->size($first->unit)), $first->unit);
    }
}
