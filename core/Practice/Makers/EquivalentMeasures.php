<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Number;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** So much of one measure is how much of another? */
final class EquivalentMeasures implements Maker
{
    private const PAIRS = [
        [[Unit::Tablespoon, Unit::Teaspoon], [Unit::Cup, Unit::Tablespoon], [Unit::Pint, Unit::Cup]],
        [
            [Unit::Teaspoon, Unit::Tablespoon], [Unit::Tablespoon, Unit::Cup], [Unit::FluidOunce, Unit::Tablespoon],
            [Unit::Cup, Unit::FluidOunce], [Unit::Quart, Unit::Cup],
        ],
        [[Unit::Cup, Unit::Teaspoon], [Unit::FluidOunce, Unit::Cup], [Unit::Teaspoon, Unit::Tablespoon], [Unit::Tablespoon, Unit::Cup]],
    ];

    private const NUMBERS = [
        ['1', '2', '3', '1/2'], ['1', '2', '3', '4', '6', '1/2', '1/4', '1 1/2', '3/4'],
        ['1/2', '1/4', '3/4', '1 1/2', '2', '4', '6', '8', '12', '1/3', '2/3'],
    ];

    public function make(Setting $setting, Dice $dice): Question
    {
        [$number, $from, $to, $right] = self::way($setting, $dice);
        $amount = Amount::of($number, $from);
        $ratio = $right->dividedBy($amount->number)->simplified();
        $other = $setting->standard === MeasureStandard::Australian ? 'other-ratio-au' : 'other-ratio';
        $slips = [
            'upside-down' => $amount->number->dividedBy($ratio),
            $other => $amount->number->multipliedBy($ratio->isEqualTo(3) ? 4 : 3),
        ];

        return new Question(
            Skill::Equivalents, Phrase::of(
                'practice.equivalents', ['amount' => $amount, 'unit' => Phrase::of("practice.unit.{$to->value}")],
            ),
            new Number($right, array_filter($slips, static fn (BigRational $slip): bool => ! $slip->isEqualTo($right))),
            Phrase::of('practice.equivalents.why', ['amount' => $amount, 'same' => Amount::of($right, $to)]),
        );
    }

    /** @return array{string, Unit, Unit, BigRational} one that comes out as a cook would write it, in the standard in force */
    private static function way(Setting $setting, Dice $dice): array
    {
        $all = [];
        foreach (self::PAIRS[$setting->level - 1] as $pair) {
            foreach (self::NUMBERS[$setting->level - 1] as $number) {
                $all[] = [$number, ...$pair];
            }
        }
        foreach ($dice->shuffled($all) as [$number, $from, $to]) {
            $amount = Amount::of($number, $from);
            try {
                $right = $amount->inBase($setting->standard)->dividedBy($setting->standard->size($to))->simplified();
            } catch (InvalidInput) {
                continue; // a standard without that unit
            }
            if (
                $setting->meetsFraction($amount->number)
                    && $setting->meetsFraction($right)
                    && KitchenNotation::isKitchenFraction($right)
                    && $right->isLessThanOrEqualTo(48)
                    && ! $right->isEqualTo($amount->number)
            ) {
                return [$number, $from, $to, $right];
            }
        }

        throw new \LogicException('No equivalents in this standard.');
    }
}
