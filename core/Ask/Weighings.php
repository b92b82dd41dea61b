<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\LikelyCause;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Weighing\WorkingHabit;
use Hovik\Core\Words\Phrase;

/** `diagnose` and `simulate`. */
final class Weighings
{
    private const MOST_DRAWS = 20_000;

    /** @return array<string, mixed> */
    public static function diagnose(JsonInput $given): array
    {
        $at = self::situation($given);
        $diagnosis = Diagnostician::diagnose($at);

        return [
            'causes' => array_map(static function (LikelyCause $likely): array {
                [$low, $high] = $likely->range();

                return [
                    'cause' => $likely->cause->value,
                    ...($likely->with === null ? [] : ['with' => $likely->with->value]),
                    'p' => round($likely->p, 6),
                    'predicts_g' => [Ask::tidy(round($low, 3)), Ask::tidy(round($high, 3))],
                    'said' => Ask::english($likely->said()),
                    'likely' => Ask::english($likely->word()),
                    'tell_apart' => Ask::english($likely->tell()),
                    'do_next' => Ask::english($likely->cause->next()),
                ];
            }, $diagnosis->causes),
            'explained' => $diagnosis->isExplained(),
            'unexplained_p' => round($diagnosis->unexplained, 6),
            'sound_g' => ['mean' => Ask::tidy($at->sound()->mean), 'u' => Ask::tidy($at->sound()->u())],
        ];
    }

    private static function situation(JsonInput $given): Situation
    {
        $standard = $given->standard();
        $pantry = Pantry::reference();
        $ingredient = $pantry->ingredient($given->text('ingredient'));
        $amount = Amount::of($given->exact('amount'), $given->unit());
        $drawer = $given->has('drawer') ? Tools::drawer($given, $standard) : [];
        // Counted, or asked for by weight: then there is nothing to fill.
        $needsTools = $ingredient->family !== Family::Counted && $amount->unit->dimension() !== Dimension::Mass;
        $fills = $needsTools
                ? self::fills($given, $standard, $drawer)
                : ($given->has('fills') ? Tools::fills($given, $standard, $drawer) : []);

        return new Situation(
            $pantry, $ingredient, $amount, $standard, $fills,
            $given->has('method') ? HouseMethod::named($given->text('method')) : null,
            $given->number('target_g'),
            ScaleReading::of($given->number('weighed_g'), Tools::scale($given)),
            self::steps($given, 'ticked'), self::steps($given, 'skipped'),
            $given->numberOr('container_g', null), $drawer, $given->has('factor') ? $given->exact('factor')->toFloat() : 1.0,
            self::others($given), self::history($given),
        );
    }

    /**
     * @param  list<Tool>  $drawer
     * @return non-empty-list<Fill>
     */
    private static function fills(JsonInput $given, MeasureStandard $standard, array $drawer): array
    {
        $fills = Tools::fills($given, $standard, $drawer);

        return $fills === [] ? throw InvalidInput::because('fills', Phrase::of('refusal.one-fill')) : $fills;
    }

    /** @return list<Step> */
    private static function steps(JsonInput $given, string $field): array
    {
        $steps = [];
        foreach ($given->listOr($field) as $i => $id) {
            $steps[] = (is_string($id) ? Step::tryFrom($id) : null)
                    ?? throw InvalidInput::because("$field.$i", Phrase::of('refusal.no-such-step'));
        }

        return $steps;
    }

    /** @return list<float> what neighbouring lines would weigh of this food, g */
    private static function others(JsonInput $given): array
    {
        $others = [];
        foreach ($given->listOr('others_g') as $i => $grams) {
            if ((! is_int($grams) && ! is_float($grams)) || $grams <= 0) {
                throw InvalidInput::because("others_g.$i", Phrase::of('refusal.above-zero'));
            }
            $others[] = (float) $grams;
        }

        return $others;
    }

    /** @return array<string, int> by cause: `{"heaped": 3}`, or a list of causes */
    private static function history(JsonInput $given): array
    {
        $history = [];
        foreach ($given->listOrMap('history') as $key => $value) {
            if (is_string($value)) {
                $history[$value] = ($history[$value] ?? 0) + 1;
            } elseif (is_string($key) && is_int($value)) {
                $history[$key] = $value;
            } else {
                throw InvalidInput::because('history', Phrase::of('refusal.past'));
            }
        }

        return $history;
    }

    /** @return array<string, mixed> */
    public static function simulate(JsonInput $given): array
    {
        $standard = $given->standard();
        $ingredient = Pantry::reference()->ingredient($given->text('ingredient'));
        $actions = $given->has('actions') ? $given->object('actions') : new JsonInput([], 'actions.');
        $density = self::density($actions, $ingredient);
        $way = self::way($actions);
        $fills = self::fills($given, $standard, []);
        $draws = $given->numberOr('draws', 200.0) ?? 200.0;
        if ($draws < 1 || $draws > self::MOST_DRAWS || floor($draws) !== $draws) {
            throw InvalidInput::because('draws', Phrase::of('refusal.range', ['least' => 1, 'most' => self::MOST_DRAWS]));
        }
        $seed = $given->numberOr('seed', 1.0) ?? 1.0;
        if (floor($seed) !== $seed || abs($seed) > 2 ** 53) {
            throw InvalidInput::because('seed', Phrase::of('refusal.whole-number', ['name' => 'seed']));
        }
        $chance = new Chance((int) $seed);
        $weights = [];
        for ($i = 0; $i < $draws; $i++) {
            $weights[] = round(WeightModel::draw($fills, $density, $way, $chance), 4);
        }
        $mean = array_sum($weights) / count($weights);
        $squares = array_sum(array_map(static fn (float $grams): float => ($grams - $mean) ** 2, $weights));
        $expected = WeightModel::of($fills, $density, $way);

        return [
            'weights_g' => $weights,
            'mean_g' => Ask::tidy($mean),
            'sd_g' => count($weights) < 2 ? 0.0 : Ask::tidy(sqrt($squares / (count($weights) - 1))),
            'expected_g' => Ask::tidy($expected->mean),
            'u_g' => Ask::tidy($expected->u()),
        ];
    }

    private static function density(JsonInput $actions, Ingredient $ingredient): Density
    {
        if ($ingredient->gramsPerUsCup === null) {
            throw InvalidInput::because('ingredient', Phrase::of('refusal.counted', ['name' => Phrase::of("ingredient.$ingredient->id")]));
        }
        $handling = $actions->has('handling')
                ? Handling::named($actions->text('handling'), 'actions.handling')
                : Situation::handlingOf($ingredient, null);
        if (Pantry::reference()->handlingFactor($ingredient, $handling) === null) {
            throw InvalidInput::because(
                'actions.handling',
                Phrase::of(
                    'refusal.never-so',
                    ['name' => Phrase::of("ingredient.$ingredient->id"), 'handling' => Phrase::of("handling.$handling->value")],
                ),
            );
        }

        return Density::of(Pantry::reference(), $ingredient, $handling);
    }

    private static function way(JsonInput $actions): WorkingHabit
    {
        $actions->only(['handling', 'heaped', 'hollow', 'eye_deg', 'share_across', 'curve', 'held', 'tilt_deg', 'scraped']);
        $curve = $actions->has('curve') ? $actions->text('curve') : 'bottom';
        if (! in_array($curve, ['bottom', 'top'], true)) {
            throw InvalidInput::because('actions.curve', Phrase::of('refusal.curve'));
        }

        return WorkingHabit::of(
            heaped: $actions->numberOr('heaped', 0.0) ?? 0.0,
            hollow: $actions->numberOr('hollow', 0.0) ?? 0.0,
            eyeDeg: $actions->numberOr('eye_deg', 0.0) ?? 0.0,
            shareAcross: $actions->numberOr('share_across', WorkingHabit::NEAR_WALL) ?? WorkingHabit::NEAR_WALL,
            topOfCurve: $curve === 'top',
            held: $actions->flag('held', false),
            tiltDeg: $actions->numberOr('tilt_deg', 0.0) ?? 0.0,
            scraped: $actions->has('scraped') ? $actions->flag('scraped', true) : null,
            path: 'actions.',
        );
    }
}
