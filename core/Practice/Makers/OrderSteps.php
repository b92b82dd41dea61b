<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\InOrder;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** The steps of a technique, shuffled, with one that spoils it: put in order, and leave that one out. */
final class OrderSteps implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $ingredient = Foods::any($setting, $dice, Steps::areEnough($setting));
        $steps = Steps::of($ingredient, $setting);
        $stranger = $dice->pick(Steps::spoilers($ingredient, $steps));
        $ids = array_map(static fn (Step $step): string => $step->value, $steps);
        $with = ['food' => Foods::name($ingredient)];

        return new Question(
            Skill::OrderSteps, Phrase::of('practice.order-steps', $with), new InOrder($ids, Steps::SWAPPABLE, [$stranger->value]),
            Phrase::of(
                'practice.order-steps.why',
                ['stranger' => Steps::said($stranger), 'because' => Phrase::of("family.{$ingredient->family->value}.because")],
            ),
            array_map(
                static fn (Step $step): Choice => Steps::choice($step, $step === $stranger ? 'stranger' : null),
                $dice->shuffled([...$steps, $stranger]),
            ),
            about: $ingredient->family,
        );
    }
}
