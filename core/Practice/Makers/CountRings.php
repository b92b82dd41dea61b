<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Number;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** A metal measure has rings and no numbers: which ring, counted from the bottom? */
final class CountRings implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $tool = $dice->pick(
            $setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::GraduatedDryMeasure && count($tool->marks) > 2),
        );
        $index = $dice->between(0, count($tool->marks) - 1);
        $mark = $tool->marks[$index];
        $rings = count($tool->marks);
        $cups = $mark->ml->dividedBy($setting->standard->size(Unit::Cup))->simplified();
        // Harder: asked in cups, of which the rings are quarters of a quart.
        $amount = $setting->level > 1
                && KitchenNotation::isKitchenFraction($cups)
                && $cups->getDenominator()->isEqualTo(1) ? Amount::of($cups, Unit::Cup) : ($mark->amount ?? Amount::of($cups, Unit::Cup));

        return new Question(
            Skill::CountRings, Phrase::of('practice.count-rings', ['tool' => $tool->called(), 'rings' => $rings, 'amount' => $amount]),
            new Number(
                BigRational::of($index + 1),
                ['from-top' => BigRational::of($rings - $index), 'from-nought' => BigRational::of($index)],
            ),
            Phrase::of('practice.count-rings.why', ['ring' => $index + 1, 'amount' => $amount]), figure: [
                'kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'rings' => $rings,
            ],
        );
    }
}
