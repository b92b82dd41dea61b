<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Dice;
use Hovik\Core\Practice\Expect\OneOf;
use Hovik\Core\Practice\Maker;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Weighing\Normal;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** Somebody measures in some way: what will the scale say? Only where the model is sure. */
final class GuessVerdict implements Maker
{
    private const SURE = 0.85;

    private const TRIES = 80;

    public function make(Setting $setting, Dice $dice): Question
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $ingredient = Foods::any($setting, $dice, Foods::DRY);
            $bench = new Simulator(
                $setting->pantry, $ingredient, Amount::of($dice->pick(['1', '1/2', '3/4']), Unit::Cup), $setting->standard,
                ToleranceLevel::Practised,
            );
            $ways = self::ways($ingredient, $setting, $dice);
            $hands = HandlingChoices::of($ways, $ingredient, $setting->pantry);
            $verdict = self::sureOf($bench, $hands);
            // Good work comes up often enough by itself.
            if ($verdict !== null && ($verdict !== Verdict::Level || $dice->between(1, 3) === 1)) {
                return self::ask($bench, $ways, $verdict);
            }
        }

        throw new \LogicException('Nothing is sure on this bench.');
    }

    /** @param  array<string, string>  $ways */
    private static function ask(Simulator $bench, array $ways, Verdict $verdict): Question
    {
        $choices = array_map(
            static fn (Verdict $one): Choice => new Choice(
                $one->value, Phrase::of("verdict.{$one->value}"), $one === $verdict ? null : 'verdict-other',
            ),
            [Verdict::Shy, Verdict::Level, Verdict::Heaped],
        );
        $said = array_map(static fn (string $group, string $way): Phrase => Phrase::of("hands.$group.$way"), array_keys($ways), $ways);
        $mean = $bench->weight(HandlingChoices::of($ways, $bench->ingredient, $bench->pantry))->mean;

        return new Question(
            Skill::GuessVerdict, Phrase::of(
                'practice.guess-verdict',
                [
                    'amount' => $bench->amount, 'food' => Foods::name($bench->ingredient),
                    'ways' => Phrase::of('list.and', ['parts' => $said]),
                ],
            ),
            new OneOf($choices), Phrase::of(
                'practice.guess-verdict.why',
                ['grams' => ShownGrams::of($mean), 'target' => ShownGrams::of($bench->target->grams)],
            ), $choices,
            ['hands' => $ways, 'ingredient' => $bench->ingredient->id], $bench->ingredient->family,
        );
    }

    /** @return array<string, string> one or two ways that are not the right one, or the right ones */
    private static function ways(Ingredient $ingredient, Setting $setting, Dice $dice): array
    {
        $offered = HandlingChoices::offered($ingredient, $setting->pantry);
        $ways = ['filling' => $offered['filling'][0], 'levelling' => $offered['levelling'][0]];
        $group = $dice->pick(['preparation', 'filling', 'settling', 'levelling']);
        $ways[$group] = $dice->pick($offered[$group]);

        $done = [];
        foreach (['preparation', 'filling', 'settling', 'levelling'] as $each) { // in the order in which it is done
            if (($ways[$each] ?? 'none') !== 'none') {
                $done[$each] = $ways[$each];
            }
        }

        return $done;
    }

    private static function sureOf(Simulator $bench, HandlingChoices $hands): ?Verdict
    {
        $weight = $bench->weight($hands);
        $t = $bench->target->toleranceG();
        $below = static fn (float $grams): float => Normal::below(($grams - $weight->mean) / $weight->u());
        $shy = $below($bench->target->grams - $t);
        $heaped = 1 - $below($bench->target->grams + $t);

        return match (true) {
            $shy >= self::SURE => Verdict::Shy,
            $heaped >= self::SURE => Verdict::Heaped,
            1 - $shy - $heaped >= self::SURE => Verdict::Level,
            default => null,
        };
    }
}
