<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** Cups drawn to one scale, without their lettering: which holds so much? */
final class PickCup implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $isSpoon = $dice->between(1, 3) === 1;
        $tools = $setting->tools(
            static fn (Tool $tool): bool => $tool->kind === ($isSpoon ? ToolKind::Spoon : ToolKind::DryCup) && $tool->size !== null,
            4,
        );
        $shown = $dice->some($tools, 4);
        $right = $dice->pick($shown === [] ? $tools : $shown);
        $choices = array_map(static fn (Tool $tool): Choice => new Choice(
            $tool->id, Phrase::of('practice.this-one'), $tool === $right ? null : ($tool->aboutMl < $right->aboutMl ? 'smaller' : 'larger'),
            ['kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'letters' => false],
        ), $shown);
        assert($choices !== []);

        return new Question(
            Skill::PickCup, Phrase::of('practice.pick-cup', ['size' => $right->size ?? $right->nominal]), new OneOf($choices),
            Phrase::of('practice.pick-cup.why'), $choices,
        );
    }
}
