<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;

/** The answers a line's open questions can have, so that one tap settles it. */
final class Choices
{
    /** @return list<Choice> none where nothing can be offered */
    public static function of(ReadLine $line, MeasureStandard $standard, Pantry $pantry): array
    {
        $amount = SettledLine::amount($line, $standard);
        if ($amount === null) {
            return [];
        }
        if ($line->has(Flag::AmbiguousOunce) && $line->ingredient !== null) {
            return [
                self::choice('choice.volume', $line, $line->ingredient, Amount::of($amount->number, Unit::FluidOunce), $standard, $pantry),
                self::choice('choice.weight', $line, $line->ingredient, $amount, $standard, $pantry),
            ];
        }
        if ($line->has(Flag::WordOrder) && $line->ingredient !== null && SettledLine::method($line) === HouseMethod::SiftSpoonLevel) {
            return array_map(
                static fn (string $says, HouseMethod $method): Choice => self::choice(
                    $says, $line, $line->ingredient, $amount, $standard, $pantry, $method,
                ),
                ['choice.before', 'choice.after'], [HouseMethod::SiftSpoonLevel, HouseMethod::StirSpoonLevel],
            );
        }

        return array_map(
            static fn (string $id): Choice => self::choice(
                'choice.ingredient', $line, $pantry->ingredient($id), $amount, $standard, $pantry,
            ),
            $line->options,
        );
    }

    private static function choice(
        string $says, ReadLine $line, Ingredient $ingredient, Amount $amount, MeasureStandard $standard, Pantry $pantry,
        ?HouseMethod $method = null,
    ): Choice {
        $method ??= SettledLine::method($line);
        $settled = SettledLine::of(
            $ingredient, $amount, $method?->suits($ingredient->family) === true ? $method : null, $line->isSiftedLater(),
        );
        try {
            $grams = Conversion::toGrams(
                $amount, $ingredient, $standard, $pantry, TechniqueCatalogue::handlingFor($ingredient, $settled->method),
            )->exact->toFloat();
        } catch (InvalidInput) {
            $grams = null;
        }

        return new Choice(Phrase::of($says, ['amount' => $amount, 'name' => Phrase::of("ingredient.{$ingredient->id}")]), $settled, $grams);
    }
}
