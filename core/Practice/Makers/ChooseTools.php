<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Plan\FittingTools;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Plan\ToolPlanner;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\Filling;
use Hovik\Core\Practice\Expect\ToolCounts;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Words\Phrase;

/** Tools and how often each, until the amount is met: of any family. Combined: where no single tool holds it. */
final class ChooseTools implements Maker
{
    private const TRIES = 80;

    /** Fills that a question asks for at most. */
    private const MOST_FILLS = 4;

    /** Lines of a jug that are offered: the right ones, what stands beside them, and the same number in another column. */
    private const LINES = 3;

    public function __construct(private readonly bool $isCombined)
    {
    }

    public function make(Setting $setting, Dice $dice): Question
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $isPoured = Foods::isAboutPoured($setting, $dice); // the jug is right as often as it is wrong
            $ingredient = Foods::any($setting, $dice, static fn (Ingredient $food): bool => $isPoured
                ? Foods::findsItsLevel($food) : Foods::isSwept($food));
            $question = $this->attempt($ingredient, $dice->pick($this->amounts($ingredient, $setting)), $setting, $dice);
            if ($question !== null) {
                return $question;
            }
        }

        throw new \LogicException('No amount can be measured with these tools.');
    }

    /** @return non-empty-list<Amount> */
    private function amounts(Ingredient $ingredient, Setting $setting): array
    {
        // What one tool holds is no question of combining: harder ones are.
        return $this->isCombined
            ? [...RecipeAmounts::of($ingredient, $setting, max(2, $setting->level)), ...RecipeAmounts::of($ingredient, $setting, 3)]
            : RecipeAmounts::of($ingredient, $setting);
    }

    private function attempt(Ingredient $ingredient, Amount $amount, Setting $setting, Dice $dice): ?Question
    {
        $ml = Conversion::ml($amount, $ingredient, $setting->standard);
        $tools = $this->tools($ingredient, $ml, $setting);
        $best = (new ToolPlanner($setting->pantry, $setting->schools))->plan($amount, $ingredient, $tools, $setting->standard)->best();
        $isEnough = $best !== null && $best->exact && $best->fills !== [] && $best->fillCount() <= self::MOST_FILLS;
        if (! $isEnough || ($this->isCombined && $best->fillCount() < 2)) {
            return null;
        }
        $counts = [];
        foreach ($best->fills as $fill) {
            $counts[Filling::idOf($fill)] = ($counts[Filling::idOf($fill)] ?? 0) + $fill->count;
        }
        $tools = self::onTheTable($tools, $best);
        $offered = $this->offered($ingredient, $ml, $tools, $best, $setting, $dice);
        if (count(array_filter($offered, static fn (Filling $one): bool => isset($counts[$one->id()]))) < count($counts)) {
            return null; // planned with what is not on the table
        }
        $with = ['amount' => $amount, 'food' => Foods::name($ingredient)];

        return new Question(
            $this->isCombined ? Skill::CombineTools : Skill::ChooseTools,
            Phrase::of($this->isCombined ? 'practice.combine-tools' : 'practice.choose-tools', $with),
            new ToolCounts($ml, $offered, $counts),
            Phrase::of('practice.choose-tools.why', [...$with, 'plan' => Phrase::of('list.plus', ['parts' => array_map(
                static fn (Fill $fill): Phrase => Phrase::of(
                    'practice.so-often', ['count' => $fill->count, 'tool' => (new Filling($fill))->said()],
                ),
                $best->fills,
            )])]),
            array_map(static fn (Filling $one): Choice => $one->choice(), $offered),
            about: $ingredient->family, condition: Phrase::of('practice.choose-tools.any'),
        );
    }

    /**
     * What may be on the table. Combined: nothing that holds the amount by itself, and one jug, too small for it.
     *
     * @return list<Tool>
     */
    private function tools(Ingredient $ingredient, BigRational $ml, Setting $setting): array
    {
        $each = [ToolKind::DryCup, ToolKind::Spoon];
        $tools = [];
        foreach ($each as $kind) {
            array_push($tools, ...$setting->tools(static fn (Tool $tool): bool => $tool->kind === $kind && $tool->size !== null, 3));
        }
        $jugs = $setting->tools(static fn (Tool $tool): bool => $tool->kind === ToolKind::LiquidMeasure && $tool->marks !== []);
        if (Foods::isSpooned($ingredient) || RecipeAmounts::isDropped($ingredient)) {
            $tools = array_values(array_filter($tools, static fn (Tool $tool): bool => $tool->kind === ToolKind::Spoon));
        }
        if ($this->isCombined) {
            $tools = array_values(array_filter($tools, static fn (Tool $tool): bool => ! $tool->nominalMl->isEqualTo($ml)));
            if (Foods::findsItsLevel($ingredient)) {
                $small = array_values(array_filter($jugs, static fn (Tool $jug): bool => $jug->markAt($ml) === null));

                return [...$tools, ...array_slice($small, 0, 1)];
            }
        }
        // The smallest vessel that has a line for it, and the one after it; else the largest.
        $holding = array_values(array_filter($jugs, static fn (Tool $jug): bool => $jug->markAt($ml) !== null));

        return [...$tools, ...array_slice($holding === [] ? array_reverse($jugs) : $holding, 0, $setting->level < 3 ? 1 : 2)];
    }

    /**
     * Where cups do it, spoons are offered that the plan needs, and the largest: a row of others would only be long.
     *
     * @param  list<Tool>  $tools
     * @return list<Tool>
     */
    private static function onTheTable(array $tools, ToolPlan $best): array
    {
        $spoons = array_values(array_filter($tools, static fn (Tool $tool): bool => $tool->kind === ToolKind::Spoon));
        $others = array_values(array_filter($tools, static fn (Tool $tool): bool => $tool->kind !== ToolKind::Spoon));
        if (array_filter($others, static fn (Tool $tool): bool => $tool->kind === ToolKind::DryCup) === []) {
            return $tools;
        }
        $needed = array_map(static fn (Fill $fill): string => $fill->tool->id, $best->fills);
        $largest = $spoons[count($spoons) - 1] ?? null;

        return [
            ...array_filter($others, static fn (Tool $tool): bool => ! $tool->kind->isMarked()),
            ...array_filter($spoons, static fn (Tool $tool): bool => $tool === $largest || in_array($tool->id, $needed, true)),
            ...array_filter($others, static fn (Tool $tool): bool => $tool->kind->isMarked()),
        ];
    }

    /**
     * @param  list<Tool>  $tools
     * @return list<Filling>
     */
    private function offered(
        Ingredient $ingredient, BigRational $ml, array $tools, ToolPlan $best, Setting $setting, Dice $dice,
    ): array {
        $suits = [];
        foreach ((new FittingTools($setting->schools))->of($ingredient, $tools, $ml, $setting->standard) as $fill) {
            $suits[Filling::idOf($fill)] = true;
        }
        $offered = [];
        foreach ($tools as $tool) {
            $fills = $tool->kind->isMarked()
                ? array_map(
                    static fn (Mark $mark): Fill => new Fill($tool, 1, $mark),
                    self::lines($setting->marks($tool), $tool, $ml, $best, $dice),
                )
                : [new Fill($tool, 1)];
            foreach ($fills as $fill) {
                $isJug = $tool->kind->isMarked();
                $offered[] = new Filling($fill, isset($suits[Filling::idOf($fill)]) ? null : ($isJug ? 'jug-for-dry' : 'cup-for-liquid'));
            }
        }

        return $offered;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark> of a jug, lowest first, each height once
     */
    private static function lines(array $marks, Tool $jug, BigRational $ml, ToolPlan $best, Dice $dice): array
    {
        $needed = array_map(static fn (Fill $fill): ?string => $fill->tool->id === $jug->id ? $fill->toMark?->text : null, $best->fills);
        $right = array_filter($marks, static fn (Mark $mark): bool => in_array($mark->text, $needed, true));
        $tempting = array_filter($marks, static fn (Mark $mark): bool => $mark->ml->isEqualTo($ml));
        // Nobody can tell lines apart that stand as good as beside each other.
        $shown = [];
        foreach ([...$right, ...array_slice($tempting, 0, 1), ...$dice->shuffled($marks)] as $mark) {
            $isClear = array_filter($shown, static fn (Mark $other): bool => abs($other->about / $mark->about - 1) < 0.08) === [];
            if ($isClear && count($shown) < max(self::LINES, count($right))) {
                $shown[] = $mark;
            }
        }
        usort($shown, static fn (Mark $a, Mark $b): int => $a->about <=> $b->about);

        return $shown;
    }
}
