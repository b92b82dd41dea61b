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

/** A drawn tool: what is it, and how large? */
final class NameTool implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $tools = $setting->tools(
            static fn (Tool $tool): bool => $tool->size !== null
                    && in_array(
                        $tool->kind, [ToolKind::DryCup, ToolKind::Spoon, ToolKind::LiquidMeasure, ToolKind::GraduatedDryMeasure],
                        true,
                    ),
            5,
        );
        // Each kind as often as any other, and the jug not more often wrong than right.
        $kinds = array_values(array_unique(array_map(static fn (Tool $tool): string => $tool->kind->value, $tools)));
        $kind = $dice->pick([...$kinds, ...array_intersect($kinds, [ToolKind::LiquidMeasure->value])]);
        $ofKind = array_values(array_filter($tools, static fn (Tool $tool): bool => $tool->kind->value === $kind));
        $right = $dice->pick($ofKind === [] ? $tools : $ofKind);
        $others = array_values(array_filter($tools, static fn (Tool $tool): bool => $tool !== $right));
        // Cups and spoons carry their size, so another size is a mistake worth offering; a jug by itself could be of any.
        $isLettered = in_array($right->kind, [ToolKind::DryCup, ToolKind::Spoon], true);
        $alike = array_values(array_filter($others, static fn (Tool $tool): bool => $isLettered && $tool->kind === $right->kind));
        $wrong = array_slice(
            [
                ...$dice->some($alike, $setting->level),
                ...$dice->shuffled(array_values(array_filter($others, static fn (Tool $tool): bool => $tool->kind !== $right->kind))),
            ],
            0, 3,
        );
        $choices = $dice->shuffled([
            new Choice($right->id, $right->called()),
            ...array_map(
                static fn (Tool $tool): Choice => new Choice(
                    $tool->id, $tool->called(), $tool->kind === $right->kind ? 'other-size' : 'other-kind',
                ),
                $wrong,
            ),
        ]);
        assert($choices !== []);

        return new Question(
            Skill::NameTool, Phrase::of('practice.name-tool'), new OneOf($choices), Phrase::of(
                "practice.name-tool.why.{$right->kind->value}", ['tool' => $right->called()],
            ), $choices,
            ['kind' => $right->kind->value, 'ml' => $right->aboutMl, 'nominal' => $isLettered ? $right->nominal : ''],
            picture: Phrase::of("picture.tool.{$right->kind->value}", ['size' => $right->size ?? $right->nominal]),
        );
    }
}
