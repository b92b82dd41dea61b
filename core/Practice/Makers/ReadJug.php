<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Number;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** A jug with something in it, and the eye too high: lower it to the line, then say how much there is. */
final class ReadJug implements Maker
{
    public function make(Setting $setting, Dice $dice): Question
    {
        $jug = $dice->pick($setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::LiquidMeasure && $tool->marks !== []));
        $mark = $dice->pick(self::marks($jug, $setting));
        $amount = $mark->amount;
        assert($amount !== null);
        $column = array_values(array_filter(
            $setting->marks($jug), static fn (Mark $other): bool => $other->amount?->unit === $amount->unit,
        ));
        usort($column, static fn (Mark $a, Mark $b): int => $a->about <=> $b->about);
        $misconceptions = [];
        foreach ($column as $i => $other) {
            if ($other === $mark) {
                foreach (['from-above' => $column[$i + 1] ?? null, 'next-line' => $column[$i - 1] ?? null] as $id => $neighbour) {
                    if ($neighbour?->amount !== null) {
                        $misconceptions[$id] = $neighbour->amount->number;
                    }
                }
            }
        }
        foreach ($setting->marks($jug) as $other) {
            if (
                $other->amount !== null
                    && $other->amount->unit !== $amount->unit
                    && abs($other->about / $mark->about - 1) < 0.08
                    && ! $other->amount->number->isEqualTo($amount->number)
            ) {
                $misconceptions['other-column'] = $other->amount->number;
            }
        }
        $food = Foods::any($setting, $dice, static fn (Ingredient $one): bool => Foods::findsItsLevel($one)
            && ! RecipeAmounts::isDropped($one));
        $high = $dice->between(20, 40);
        $unit = Phrase::of("practice.unit.{$amount->unit->value}");
        $at = (int) array_search($mark, $column, true);

        return new Question(
            Skill::ReadJug, Phrase::of(
                'practice.read-jug',
                [
                    'food' => Foods::name($food), 'unit' => $unit,
                ],
            ),
            new Number($amount->number, $misconceptions), Phrase::of('practice.read-jug.why', ['amount' => $amount]),
            figure: [
                'kind' => $jug->kind->value, 'ml' => $jug->aboutMl, 'level_ml' => $mark->about,
                'eye_deg' => $setting->jug->eyeDeg() ?? $high,
                'marks' => array_map(static fn (Mark $one): array => ['text' => $one->text, 'ml' => $one->about], $setting->marks($jug)),
            ],
            about: $food->family, picture: Phrase::of('picture.jug', [
                'unit' => $unit, 'line' => $at + 1, 'lines' => Phrase::of('list.and', ['parts' => array_map(
                    static fn (Mark $one): Phrase => Phrase::of('working.amount', ['amount' => $one->amount ?? $one->text]), $column,
                )]),
            ]),
        );
    }

    /**
     * @return non-empty-list<Mark> of the column wanted; else by level cups in halves and quarters, then thirds and fluid ounces, then
     *   millilitres
     */
    private static function marks(Tool $jug, Setting $setting): array
    {
        $known = $setting->marks($jug);
        $units = [[Unit::Cup], [Unit::Cup, Unit::FluidOunce], [Unit::Cup, Unit::FluidOunce, Unit::Millilitre]][$setting->level - 1];
        $isEasy = static fn (Mark $mark): bool => in_array((string) $mark->amount?->number->getDenominator(), ['1', '2', '4'], true);
        $in = static fn (Unit ...$of): array => array_values(array_filter(
            $known, static fn (Mark $mark): bool => in_array($mark->amount?->unit, $of, true) && ($setting->level !== 1 || $isEasy($mark)),
        ));
        foreach ([$setting->jug->column === null ? [] : $in($setting->jug->column), $in(...$units), $known] as $marks) {
            if ($marks !== []) {
                return $marks;
            }
        }

        throw new \LogicException('A jug without marks.');
    }
}
