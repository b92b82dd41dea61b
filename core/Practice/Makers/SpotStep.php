<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/** A technique with one step missing: which? */
final class SpotStep implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $ingredient = Foods::any($setting, $dice, Steps::areEnough($setting));
        $steps = Steps::of($ingredient, $setting);
        // The first one, a clean tool, is missed in every technique: too easy to tell.
        $missing = $dice->pick(count($steps) > 1 ? array_slice($steps, 1) : $steps);
        $left = array_values(array_filter($steps, static fn (Step $step): bool => $step !== $missing));
        $choices = $dice->shuffled([
            Steps::choice($missing),
            ...array_map(static fn (Step $step): Choice => Steps::choice($step, 'is-there'), $dice->some($left, 2)),
            Steps::choice($dice->pick(Steps::spoilers($ingredient, $steps)), 'stranger'),
        ]);
        assert($choices !== []);

        return new Question(
            Skill::SpotStep, Phrase::of('practice.spot-step', ['food' => Foods::name($ingredient)]), new OneOf($choices),
            Phrase::of(
                'practice.spot-step.why', ['step' => Steps::said($missing), 'because' => Phrase::of("step.{$missing->value}.why")],
            ), $choices,
            ['steps' => array_map(static fn (Step $step): string => $step->value, $left)], $ingredient->family,
        );
    }
}
