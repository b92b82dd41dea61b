<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A recipe in bakers' per cent, every line a share of the flour's weight, said in grams: '65% water' of 500 g flour is 325 g. */
final class BakersFormula
{
    /** Grams of flour at most. */
    private const MOST = 100_000;

    /**
     * @param  string|null  $flour  grams of flour, 100 per cent
     *
     * @throws InvalidInput on `flour`, when a line is a share and nobody said of how much, or it is no weight
     */
    public static function inGrams(Recipe $recipe, ?string $flour, LineReader $reader): Recipe
    {
        if (array_filter($recipe->lines, static fn (ReadLine $line): bool => $line->percent !== null) === []) {
            return $recipe;
        }
        if ($flour === null || trim($flour) === '') {
            throw InvalidInput::because('flour', Phrase::of('refusal.bakers-flour'));
        }
        $plain = str_replace(',', '.', trim($flour));
        if (preg_match('~^\d{1,6}(?:\.\d{1,2})?$~', $plain) !== 1 || (float) $plain <= 0 || (float) $plain > self::MOST) {
            throw InvalidInput::because('flour', Phrase::of('refusal.bakers-flour'));
        }
        $grams = BigRational::of($plain);

        return new Recipe($recipe->title, $recipe->makes, array_map(
            static fn (ReadLine $line): ReadLine => $line->percent === null
                ? $line : $reader->read(self::line($line, $line->percent, $grams)),
            $recipe->lines,
        ), $recipe->directions, $recipe->leftOut);
    }

    private static function line(ReadLine $line, BigRational $percent, BigRational $flour): string
    {
        $plain = static fn (BigRational $number): string => (string) $number->toScale(2, RoundingMode::HALF_UP)->stripTrailingZeros();
        $grams = $plain($flour->multipliedBy($percent)->dividedBy(100));
        $rest = trim(implode('', array_map(
            static fn (Piece $piece): string => $piece->part === Part::Amount ? '' : $piece->text, $line->pieces,
        )), " \t:,.-–—=");

        return "$grams g $rest ({$plain($percent)}%)";
    }
}
