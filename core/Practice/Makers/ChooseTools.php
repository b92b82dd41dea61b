<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\ToolCounts;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** Tools and how often each, until the amount is met. Combined: where no single tool holds it. */
final class ChooseTools implements Maker
{
    private const TRIES = 60;

    public function __construct(private readonly bool $isCombined)
    {
    }

    public function make(Setting $setting, Dice $dice): Question
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $question = $this->attempt($setting, $dice);
            if ($question !== null) {
                return $question;
            }
        }

        throw new \LogicException('No amount can be measured with these tools.');
    }

    private function attempt(Setting $setting, Dice $dice): ?Question
    {
        $isSmall = $dice->between(1, 3) === 1;
        $ingredient = Foods::any($setting, $dice, $isSmall ? Foods::SMALL : Foods::DRY);
        $kind = $isSmall ? ToolKind::Spoon : ToolKind::DryCup;
        $cups = $setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::DryCup && $tool->size !== null, 3);
        $spoons = $setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::Spoon && $tool->size !== null, 3);
        $picks = $dice->some(
            $kind === ToolKind::Spoon ? $spoons : $cups,
            $this->isCombined ? $dice->between(2, 3) : $dice->between(1, min($setting->level, 2)),
        );
        $ml = BigRational::zero();
        foreach ($picks as $tool) {
            $ml = $ml->plus($tool->nominalMl->multipliedBy($dice->between(1, $setting->level === 1 ? 1 : 2)));
        }
        $suitable = $this->isCombined
            ? array_values(array_filter([...$cups, ...$spoons], static fn (Tool $tool): bool => ! $tool->nominalMl->isEqualTo($ml)))
            : [...$cups, ...$spoons];
        if ($isSmall) {
            $suitable = array_values(array_filter($suitable, static fn (Tool $tool): bool => $tool->kind === ToolKind::Spoon));
        }
        $amount = self::said($ml, $isSmall ? [Unit::Tablespoon, Unit::Teaspoon] : [Unit::Cup, Unit::Tablespoon], $setting->standard);
        $best = $amount === null
                ? null
                : (new ToolPlanner($setting->pantry, $setting->schools))->plan($amount, $ingredient, $suitable, $setting->standard)->best();
        if (
            $amount === null
                || $best === null
                || ! $best->exact
                || ($this->isCombined && $best->distinctTools() + $best->fillCount() < 3)
        ) {
            return null;
        }
        $counts = [];
        foreach ($best->fills as $fill) {
            $counts[$fill->tool->id] = ($counts[$fill->tool->id] ?? 0) + $fill->count;
        }
        $jugs = $setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::LiquidMeasure);
        $with = ['amount' => $amount, 'food' => Foods::name($ingredient)];
        if ($counts === []) {
            return null;
        }

        return new Question(
            $this->isCombined ? Skill::CombineTools : Skill::ChooseTools, Phrase::of(
                $this->isCombined ? 'practice.combine-tools' : 'practice.choose-tools', $with,
            ),
            new ToolCounts($ml, $suitable, [$jugs[0]], $counts),
            Phrase::of(
                'practice.choose-tools.why',
                [
                    ...$with,
                    'plan' => Phrase::of(
                        'list.plus',
                        [
                            'parts' => array_map(
                                static fn (Fill $fill): Phrase => Phrase::of(
                                    'bench.fill',
                                    ['count' => $fill->count, 'tool' => $fill->tool->called(), 'mark' => '', 'marked' => 'no'],
                                ),
                                $best->fills,
                            ),
                        ],
                    ),
                ],
            ),
            array_map(
                static fn (Tool $tool): Choice => new Choice(
                    $tool->id, $tool->called(), null,
                    ['kind' => $tool->kind->value, 'ml' => $tool->aboutMl, 'nominal' => $tool->nominal],
                ),
                [...$suitable, $jugs[0]],
            ),
            about: $ingredient->family, condition: Phrase::of('practice.choose-tools.any'),
        );
    }

    /**
     * As a recipe would say it.
     *
     * @param  list<Unit>  $units
     */
    private static function said(BigRational $ml, array $units, MeasureStandard $standard): ?Amount
    {
        foreach ($units as $unit) {
            $number = $ml->dividedBy($standard->size($unit))->simplified();
            if ($number->isGreaterThan(0) && $number->isLessThanOrEqualTo(6) && KitchenNotation::isKitchenFraction($number)) {
                return Amount::of($number, $unit);
            }
        }

        return null;
    }
}
