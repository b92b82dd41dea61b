<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;

/** A recipe's settled lines at a factor: exact, in kitchen measures and in grams, rounded only at the end. */
final readonly class Batch
{
    /** From this factor on, or its inverse, a recipe does not simply multiply. */
    private const LARGE = 2;

    /**
     * @param  list<ScaledLine|null>  $lines  by line; null where a line is not settled
     * @param  list<Phrase>  $cautions
     */
    private function __construct(public Factor $factor, public array $lines, public array $cautions)
    {
    }

    /**
     * @param  list<SettledLine|null>  $lines
     * @param  HouseRules|null  $schools  what the class settled on
     *
     * @throws InvalidInput when an amount leaves the kitchen
     */
    public static function of(array $lines, Factor $factor, MeasureStandard $standard, Pantry $pantry, ?HouseRules $schools = null): self
    {
        $scaled = [];
        foreach ($lines as $line) {
            $scaled[] = $line === null ? null : self::line($line, $factor->number, $standard, $pantry, $schools ?? HouseRules::usual());
        }
        $flour = BigRational::zero();
        foreach ($scaled as $line) {
            if ($line !== null && self::isFlour($line)) {
                $flour = $flour->plus($line->grams);
            }
        }

        return new self(
            $factor,
            array_map(
                static fn (?ScaledLine $line): ?ScaledLine => $line === null || $flour->isZero() ? $line : $line->withBakersPercent(
                    100 * $line->grams
                        ->dividedBy($flour)->toFloat(),
                ),
                $scaled,
            ),
            self::cautions($factor->number, $lines),
        );
    }

    private static function line(
        SettledLine $line, BigRational $factor, MeasureStandard $standard, Pantry $pantry, HouseRules $schools,
    ): ScaledLine {
        $method = $line->method ?? $schools->methodFor($line->ingredient, $line->isSiftedLater);
        $handling = TechniqueCatalogue::handlingFor($line->ingredient, TechniqueCatalogue::methodFor($line->ingredient, $method));

        return ScaledLine::of($line, $factor, $standard, $pantry, $handling);
    }

    /** Baker's percentages count against flour and meal, not starch, cocoa or sugar. */
    private static function isFlour(ScaledLine $line): bool
    {
        return $line->line->ingredient->role === Role::Flour;
    }

    /**
     * @param  list<SettledLine|null>  $lines
     * @return list<Phrase>
     */
    private static function cautions(BigRational $factor, array $lines): array
    {
        if ($factor->isLessThan(self::LARGE) && $factor->isGreaterThan(BigRational::of(1)->dividedBy(self::LARGE))) {
            return [];
        }
        $cautions = [Phrase::of('scaling.pan'), Phrase::of('scaling.time')];
        foreach ($lines as $line) {
            if ($line !== null && $line->ingredient->role->actsAs() === Role::Leavener) {
                array_unshift($cautions, Phrase::of('scaling.leavener'));
                break;
            }
        }

        return $cautions;
    }
}
