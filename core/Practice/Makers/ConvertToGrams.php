<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Number;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;

/** A cup weighs so much: what does this amount weigh? */
final class ConvertToGrams implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $ingredient = Foods::any($setting, $dice, Foods::isCupped(...));
        $method = $setting->schools->methodFor($ingredient);
        $handling = TechniqueCatalogue::handlingFor($ingredient, TechniqueCatalogue::methodFor($ingredient, $method));
        $amounts = array_filter(RecipeAmounts::of($ingredient, $setting), static fn (Amount $one): bool => $one->unit === Unit::Cup
            && ! $one->number->isEqualTo(1));
        $amount = $dice->pick($amounts === [] ? [Amount::of('1/2', Unit::Cup)] : array_values($amounts));
        $grams = static fn (Amount $of): BigRational => Conversion::toGrams(
            $of, $ingredient, $setting->standard, $setting->pantry, $handling,
        )->exact;
        $cup = ShownGrams::of($grams(Amount::of('1', Unit::Cup)))->toBigRational();
        $right = $cup->multipliedBy($amount->number)->simplified();
        $water = BigRational::of((string) round($setting->standard->size(Unit::Cup)->toFloat())); // a gram a millilitre
        $slips = [
            'one-cup' => $cup, 'upside-down' => $cup->dividedBy($amount->number)->simplified(),
            'like-water' => $water->multipliedBy($amount->number)->simplified(),
        ];
        // Whole grams, and the rounding of somebody who works in his head: half a per cent, one gram at least.
        $within = BigRational::of(1)->plus($right->dividedBy(200));

        return new Question(
            Skill::Convert, Phrase::of(
                'practice.convert', ['food' => Foods::name($ingredient), 'grams' => ShownGrams::of($cup), 'amount' => $amount],
            ),
            new Number(
                $right,
                array_filter(
                    $slips,
                    static fn (BigRational $slip): bool => $slip->minus($right)->abs()->isGreaterThan($within->multipliedBy(2)),
                ),
                $within,
            ),
            Phrase::of(
                'practice.convert.why', ['amount' => $amount, 'grams' => ShownGrams::of($cup), 'total' => ShownGrams::of($right)],
            ), about: $ingredient->family,
        );
    }
}
