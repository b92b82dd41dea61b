<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** Cups drawn to one scale, without their lettering: which holds so much? */
final class PickCup implements Maker
{
    private const TEASPOON_ML = 5;

    public function make(Setting $setting, Dice $dice): Question
    {
        $isSpoon = $dice->between(1, 3) === 1;
        $tools = $setting->tools(
            static fn (Tool $tool): bool => $tool->kind === ($isSpoon ? ToolKind::Spoon : ToolKind::DryCup) && $tool->size !== null,
            3,
        );
        $shown = $dice->some($tools, 4);
        $right = $dice->pick($shown === [] ? $tools : $shown);
        $choices = array_map(static fn (Tool $tool): Choice => new Choice(
            $tool->id, self::inWords($tool), $tool === $right ? null : ($tool->aboutMl < $right->aboutMl ? 'smaller' : 'larger'),
            ['kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'letters' => false],
        ), $shown);
        assert($choices !== []);

        return new Question(
            Skill::PickCup, Phrase::of('practice.pick-cup', ['size' => $right->size ?? $right->nominal]), new OneOf($choices),
            Phrase::of('practice.pick-cup.why'), $choices,
        );
    }

    /** How often it goes into a tool of one: enough to know its fraction, and no less work than looking. */
    private static function inWords(Tool $tool): Phrase
    {
        $size = $tool->size ?? throw new \LogicException('A tool without a size.');
        if ($size->unit === Unit::Millilitre) { // a metric one: against the teaspoon
            $isLarge = $size->number->isGreaterThan(self::TEASPOON_ML);
            $fills = $isLarge ? $size->number->dividedBy(self::TEASPOON_ML) : BigRational::of(self::TEASPOON_ML)->dividedBy($size->number);

            return Phrase::of(
                $isLarge ? 'picture.teaspoons' : 'picture.teaspoon', ['count' => KitchenNotation::write($fills->simplified())],
            );
        }
        $number = $size->number->simplified();

        return Phrase::of('picture.fills', [
            'count' => $number->getDenominator()->toInt(), 'amount' => Amount::of(BigRational::of($number->getNumerator()), $size->unit),
        ]);
    }
}
