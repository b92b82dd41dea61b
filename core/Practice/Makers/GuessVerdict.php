<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
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

    /** Share left in the tool from which it is worth asking whether it was scraped. */
    private const STICKS = 0.02;

    /** What can be read wrongly, and how it is said. */
    private const READ = [
        'eye.level' => [], 'eye.above' => ['eye_deg' => 35], 'eye.below' => ['eye_deg' => -30], 'curve.top' => ['curve' => 'top'],
        'held.yes' => ['held' => true],
    ];

    /** @var array<string, Simulator> of the reference, by food, amount and standard: most tries are of no use, so none is planned twice */
    private static array $benches = [];

    public function make(Setting $setting, Dice $dice): Question
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $ingredient = Foods::any($setting, $dice, Foods::isCupped(...));
            $amounts = array_values(array_filter(
                RecipeAmounts::of($ingredient, $setting), static fn (Amount $one): bool => $one->unit === Unit::Cup,
            ));
            $amount = $dice->pick($amounts === [] ? [Amount::of('1', Unit::Cup)] : $amounts);
            $bench = self::bench($setting, $ingredient, $amount);
            $isRead = $bench->plan->fills[0]->toMark !== null;
            [$said, $hands] = $isRead ? self::reading($ingredient, $dice) : self::filling($ingredient, $setting, $dice);
            $verdict = self::sureOf($bench, HandlingChoices::of($hands, $ingredient, $setting->pantry));
            // Good work comes up often enough by itself.
            if ($verdict !== null && ($verdict !== Verdict::Level || $dice->between(1, 3) === 1)) {
                return self::ask($bench, $said, $hands, $verdict);
            }
        }

        throw new \LogicException('Nothing is sure on this bench.');
    }

    private static function bench(Setting $setting, Ingredient $ingredient, Amount $amount): Simulator
    {
        $make = static fn (): Simulator => new Simulator(
            $setting->pantry, $ingredient, $amount, $setting->standard, ToleranceLevel::Practised,
        );

        // A kitchen's own pantry is another one with each request: only the reference stays as long as the process does.
        return $setting->pantry === Pantry::reference()
            ? self::$benches["$ingredient->id {$amount->text()} {$setting->standard->value}"] ??= $make() : $make();
    }

    /**
     * @param  list<string>  $said  `hands.ID` of what is done, in order
     * @param  array<string, string|int|bool>  $hands  the same, as the bench takes it
     */
    private static function ask(Simulator $bench, array $said, array $hands, Verdict $verdict): Question
    {
        $choices = array_map(
            static fn (Verdict $one): Choice => new Choice(
                $one->value, Phrase::of("verdict.{$one->value}"), $one === $verdict ? null : 'verdict-other',
            ),
            [Verdict::Shy, Verdict::Level, Verdict::Heaped],
        );
        $mean = $bench->weight(HandlingChoices::of($hands, $bench->ingredient, $bench->pantry))->mean;

        return new Question(
            Skill::GuessVerdict, Phrase::of(
                'practice.guess-verdict',
                [
                    'amount' => $bench->amount, 'food' => Foods::name($bench->ingredient),
                    'ways' => Phrase::of('list.and', ['parts' => array_map(
                        static fn (string $id): Phrase => Phrase::of("hands.$id"), $said,
                    )]),
                ],
            ),
            new OneOf($choices), Phrase::of(
                'practice.guess-verdict.why',
                ['grams' => ShownGrams::of($mean), 'target' => ShownGrams::of($bench->target->grams)],
            ), $choices,
            [
                'kind' => $bench->plan->fills[0]->toMark === null ? 'dry-cup' : 'liquid-measure', 'hands' => $hands,
                'ingredient' => $bench->ingredient->id,
            ], $bench->ingredient->family,
        );
    }

    /** @return array{non-empty-list<string>, array<string, string|int|bool>} poured to a line, and read there in some way */
    private static function reading(Ingredient $ingredient, Dice $dice): array
    {
        $way = $dice->pick(array_keys(self::READ));
        $isLeft = $ingredient->residue >= self::STICKS && $dice->between(1, 2) === 1;

        return [
            ['filling.poured', $way, ...($isLeft ? ['scraped.no'] : [])], self::READ[$way] + ($isLeft ? ['scraped' => false] : []),
        ];
    }

    /** @return array{list<string>, array<string, string|int|bool>} one or two ways that are not the right one, or the right ones */
    private static function filling(Ingredient $ingredient, Setting $setting, Dice $dice): array
    {
        $offered = HandlingChoices::offered($ingredient, $setting->pantry);
        $ways = ['filling' => $offered['filling'][0], 'levelling' => $offered['levelling'][0]];
        $group = $dice->pick(['preparation', 'filling', 'settling', 'levelling']);
        $ways[$group] = $dice->pick($offered[$group]);

        $said = $done = [];
        foreach (['preparation', 'filling', 'settling', 'levelling'] as $each) { // in the order in which it is done
            $way = $ways[$each] ?? 'none';
            if ($way !== 'none') {
                $done[$each] = $way;
                $said[] = "$each.$way";
            }
        }
        if ($ingredient->residue >= self::STICKS && $dice->between(1, 3) === 1) {
            $done['scraped'] = false;
            $said[] = 'scraped.no';
        }

        return [$said, $done];
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
