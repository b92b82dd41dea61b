<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Line\LanguagePack;
use Hovik\Core\Recipe\Line\Translation;
use Hovik\Core\Words\Phrase;

/** A batch shared out by volume: so many portions of so much, and what is left. Exact. */
final readonly class Portions
{
    private function __construct(public int $whole, public ?KitchenMeasure $left)
    {
    }

    /**
     * @param  string  $batch  `10 cups`
     * @param  string  $each  `1/3 cup`
     *
     * @throws InvalidInput naming the field, when either is no volume, or one portion is more than the batch
     */
    public static function of(string $batch, string $each, MeasureStandard $standard): self
    {
        $all = self::volume($batch, 'batch')->inBase($standard);
        $one = self::volume($each, 'each')->inBase($standard);
        $times = $all->dividedBy($one)->simplified();
        $whole = $times->getNumerator()->quotient($times->getDenominator());
        if ($whole->isZero()) {
            throw InvalidInput::because('each', Phrase::of('refusal.portion-too-big'));
        }
        $left = $all->minus($one->multipliedBy($whole))->simplified();

        return new self(
            $whole->toInt(),
            $left->isZero() ? null : KitchenMeasure::of(Amount::of($left->dividedBy($standard->size(Unit::Cup)), Unit::Cup), $standard),
        );
    }

    private static function volume(string $text, string $field): Amount
    {
        $units = new UnitWords;
        $number = $unit = null;
        foreach (LanguagePack::all() as $words) {
            $tokens = Token::split($text);
            if ($tokens === [] || $unit !== null) {
                break;
            }
            $r = new Reading($text, $tokens, $words, $units);
            if ($words->sayings !== null) {
                (new Translation($words->sayings))->read($r);
            }
            $number = NumberWords::at($r, 0, $r->isUnit(...));
            $of = $number !== null && in_array($r->word($number[1]), $words->of, true) ? 1 : 0;
            $unit = $number === null ? null : $units->at($r, $number[1] + $of);
        }
        if ($number === null || $unit === null || $unit[0]->dimension() !== Dimension::Volume) {
            throw InvalidInput::because($field, Phrase::of('refusal.portion-amount'));
        }

        return Amount::of($number[0], $unit[0], $field);
    }
}
