<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Words\Phrase;

/** Which line of the jug is the amount? The same number stands in more than one column. */
final class JugColumn implements Maker
{
    private const BESIDE = 0.05;

    public function make(Setting $setting, Dice $dice): Question
    {
        $jug = $dice->pick($setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::LiquidMeasure && $tool->marks !== []));
        $marks = $setting->marks($jug);
        $wanted = array_values(array_filter(
            $marks, static fn (Mark $mark): bool => $setting->jug->column === null || $mark->amount?->unit === $setting->jug->column,
        ));
        $from = $wanted === [] ? $marks : $wanted;
        $right = $dice->pick($from === [] ? throw new \LogicException('A jug without marks.') : $from);
        $amount = $right->amount;
        assert($amount !== null);
        // The same height in another column is right too.
        $same = array_values(array_filter($marks, static fn (Mark $mark): bool => $mark->ml->isEqualTo($right->ml)));
        // Lines that stand as good as beside it nobody can tell apart: they are not offered.
        $others = array_values(array_filter($marks, static fn (Mark $mark): bool => abs($mark->about / $right->about - 1) > self::BESIDE));
        $number = array_values(
            array_filter($others, static fn (Mark $mark): bool => $mark->amount?->number->isEqualTo($amount->number) === true),
        );
        usort($others, static fn (Mark $a, Mark $b): int => abs($a->about - $right->about) <=> abs($b->about - $right->about));
        $wrong = [];
        foreach ([...array_slice($number, 0, 1), ...array_slice($others, 0, 4)] as $mark) {
            $wrong[$mark->text] ??= new Choice(
                $mark->text, self::said($mark), in_array($mark, $number, true) ? 'other-column' : 'next-line',
            );
        }
        $choices = $dice->shuffled(
            [
                ...array_map(static fn (Mark $mark): Choice => new Choice($mark->text, self::said($mark)), array_slice($same, 0, 2)),
                ...array_slice(array_values($wrong), 0, 3),
            ],
        );
        $ingredient = Foods::any($setting, $dice, static fn (Ingredient $food): bool => Foods::findsItsLevel($food)
            && ! RecipeAmounts::isDropped($food));
        assert($choices !== []);

        return new Question(
            Skill::JugColumn, Phrase::of(
                'practice.jug-column', ['amount' => $amount, 'food' => Foods::name($ingredient)],
            ), new OneOf($choices),
            Phrase::of('practice.jug-column.why', ['amount' => $amount]), $choices,
            [
                'kind' => $jug->kind->value, 'ml' => $jug->aboutMl,
            ], $ingredient->family, count($same) > 1 ? Phrase::of('practice.jug-column.both') : null,
        );
    }

    private static function said(Mark $mark): Phrase
    {
        return Phrase::of('working.amount', ['amount' => $mark->amount ?? $mark->text]);
    }
}
