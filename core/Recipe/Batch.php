<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
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
    private function __construct(public BigRational $factor, public array $lines, public array $cautions)
    {
    }

    /**
     * @param  list<SettledLine|null>  $lines
     * @param  list<HouseMethod>  $methods  the class's
     *
     * @throws InvalidInput when the factor is not above zero, or an amount leaves the kitchen
     */
    public static function of(array $lines, BigRational $factor, MeasureStandard $standard, Pantry $pantry, array $methods = []): self
    {
        if (! $factor->isPositive() || $factor->isGreaterThan(1000)) {
            throw new InvalidInput('factor', 'The factor must be above 0 and no more than 1000.');
        }
        $scaled = [];
        foreach ($lines as $line) {
            $scaled[] = $line === null ? null : self::line($line, $factor, $standard, $pantry, $methods);
        }
        $flour = BigRational::zero();
        foreach ($scaled as $line) {
            if ($line !== null && self::isFlour($line)) {
                $flour = $flour->plus($line->grams);
            }
        }

        return new self(
            $factor,
            array_map(static fn (?ScaledLine $line): ?ScaledLine => $line === null || $flour->isZero() ? $line : $line->withBakersPercent(100 * $line->grams->dividedBy($flour)->toFloat()), $scaled),
            self::cautions($factor, $lines),
        );
    }

    /**
     * The factor that uses up what is there of one line's ingredient.
     *
     * @throws InvalidInput when the line weighs nothing
     */
    public static function factorToUseUp(SettledLine $line, float $grams, MeasureStandard $standard, Pantry $pantry): BigRational
    {
        if (! is_finite($grams) || $grams <= 0 || $grams > 1_000_000) {
            throw new InvalidInput('grams', 'Say how many grams there are.');
        }
        $one = Conversion::toGrams($line->amount, $line->ingredient, $standard, $pantry, TechniqueCatalogue::handlingFor($line->ingredient, $line->method))->exact;

        return BigRational::of(sprintf('%.3F', $grams))->dividedBy($one)->simplified();
    }

    /** @param  list<HouseMethod>  $methods */
    private static function line(SettledLine $line, BigRational $factor, MeasureStandard $standard, Pantry $pantry, array $methods): ScaledLine
    {
        $method = $line->method ?? self::chosen($line, $methods);
        $handling = TechniqueCatalogue::handlingFor($line->ingredient, TechniqueCatalogue::methodFor($line->ingredient, $method));

        return ScaledLine::of($line, $factor, $standard, $pantry, $handling);
    }

    /** @param  list<HouseMethod>  $methods */
    private static function chosen(SettledLine $line, array $methods): ?HouseMethod
    {
        foreach ($methods as $method) {
            if ($method->suits($line->ingredient->family)) {
                return $method;
            }
        }

        return null;
    }

    /** Baker's percentages count against flour and meal, not starch, cocoa or sugar. */
    private static function isFlour(ScaledLine $line): bool
    {
        return $line->line->ingredient->family === Family::FinePowder && str_ends_with($line->line->ingredient->id, '-flour');
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
            if ($line !== null && in_array($line->ingredient->id, ['baking-powder', 'baking-soda', 'active-dry-yeast', 'instant-yeast'], true)) {
                array_unshift($cautions, Phrase::of('scaling.leavener'));
                break;
            }
        }

        return $cautions;
    }
}
