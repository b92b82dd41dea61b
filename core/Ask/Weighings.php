<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\LikelyCause;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Fill;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\WayOfWorking;
use Hovik\Core\Weighing\WeightModel;

/** `diagnose` and `simulate`. */
final class Weighings
{
    private const MOST_DRAWS = 20_000;

    /** @return array<string, mixed> */
    public static function diagnose(Given $given): array
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
                    'tell_apart' => Ask::english($likely->cause->tell()),
                    'do_next' => Ask::english($likely->cause->next()),
                ];
            }, $diagnosis->causes),
            'explained' => $diagnosis->isExplained(),
            'unexplained_p' => round($diagnosis->unexplained, 6),
            'sound_g' => ['mean' => Ask::tidy($at->sound()->mean), 'u' => Ask::tidy($at->sound()->u())],
        ];
    }

    private static function situation(Given $given): Situation
    {
        $standard = $given->standard();
        $pantry = Pantry::reference();
        $ingredient = $pantry->ingredient($given->text('ingredient'));
        $amount = Amount::of($given->exact('amount'), $given->unit());
        $drawer = $given->has('drawer') ? Tools::drawer($given, $standard) : [];
        // Counted, or asked for by weight: then there is nothing to fill.
        $needsTools = $ingredient->family !== Family::Counted && $amount->unit->dimension() !== Dimension::Mass;
        $fills = $needsTools ? self::fills($given, $standard, $drawer) : ($given->has('fills') ? Tools::fills($given, $standard, $drawer) : []);

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
    private static function fills(Given $given, MeasureStandard $standard, array $drawer): array
    {
        $fills = Tools::fills($given, $standard, $drawer);

        return $fills === [] ? throw new InvalidInput('fills', 'Name at least one tool and how often it is filled.') : $fills;
    }

    /** @return list<Step> */
    private static function steps(Given $given, string $field): array
    {
        $steps = [];
        foreach ($given->listOr($field) as $i => $id) {
            $steps[] = (is_string($id) ? Step::tryFrom($id) : null) ?? throw new InvalidInput("$field.$i", 'There is no such step.');
        }

        return $steps;
    }

    /** @return list<float> what neighbouring lines would weigh of this food, g */
    private static function others(Given $given): array
    {
        $others = [];
        foreach ($given->listOr('others_g') as $i => $grams) {
            if ((! is_int($grams) && ! is_float($grams)) || $grams <= 0) {
                throw new InvalidInput("others_g.$i", 'A weight must be a number above 0.');
            }
            $others[] = (float) $grams;
        }

        return $others;
    }

    /** @return array<string, int> by cause: `{"heaped": 3}`, or a list of causes */
    private static function history(Given $given): array
    {
        $history = [];
        foreach ($given->listOrMap('history') as $key => $value) {
            if (is_string($value)) {
                $history[$value] = ($history[$value] ?? 0) + 1;
            } elseif (is_string($key) && is_int($value)) {
                $history[$key] = $value;
            } else {
                throw new InvalidInput('history', 'The past is a list of causes, or how often each was it.');
            }
        }

        return $history;
    }

    /** @return array<string, mixed> */
    public static function simulate(Given $given): array
    {
        $standard = $given->standard();
        $ingredient = Pantry::reference()->ingredient($given->text('ingredient'));
        $actions = $given->has('actions') ? $given->object('actions') : new Given([], 'actions.');
        $density = self::density($actions, $ingredient);
        $way = self::way($actions);
        $fills = self::fills($given, $standard, []);
        $draws = $given->numberOr('draws', 200.0) ?? 200.0;
        if ($draws < 1 || $draws > self::MOST_DRAWS || floor($draws) !== $draws) {
            throw new InvalidInput('draws', 'How many must be a whole number from 1 to '.self::MOST_DRAWS.'.');
        }
        $seed = $given->numberOr('seed', 1.0) ?? 1.0;
        if (floor($seed) !== $seed || abs($seed) > 2 ** 53) {
            throw new InvalidInput('seed', 'The seed must be a whole number.');
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

    private static function density(Given $actions, Ingredient $ingredient): Density
    {
        if ($ingredient->gramsPerUsCup === null) {
            throw new InvalidInput('ingredient', "{$ingredient->name} is counted, not measured by volume.");
        }
        $handling = $actions->has('handling') ? Handling::named($actions->text('handling'), 'actions.handling') : Situation::handlingOf($ingredient, null);
        if (Pantry::reference()->handlingFactor($ingredient, $handling) === null) {
            throw new InvalidInput('actions.handling', "{$ingredient->name} is never '{$handling->value}'.");
        }

        return Density::of(Pantry::reference(), $ingredient, $handling);
    }

    private static function way(Given $actions): WayOfWorking
    {
        $actions->only(['handling', 'heaped', 'hollow', 'eye_deg', 'share_across', 'curve', 'held', 'tilt_deg', 'scraped']);
        $curve = $actions->has('curve') ? $actions->text('curve') : 'bottom';
        if (! in_array($curve, ['bottom', 'top'], true)) {
            throw new InvalidInput('actions.curve', "The curve is read at its 'bottom' or its 'top'.");
        }

        return WayOfWorking::of(
            heaped: $actions->numberOr('heaped', 0.0) ?? 0.0,
            hollow: $actions->numberOr('hollow', 0.0) ?? 0.0,
            eyeDeg: $actions->numberOr('eye_deg', 0.0) ?? 0.0,
            shareAcross: $actions->numberOr('share_across', WayOfWorking::NEAR_WALL) ?? WayOfWorking::NEAR_WALL,
            topOfCurve: $curve === 'top',
            held: $actions->flag('held', false),
            tiltDeg: $actions->numberOr('tilt_deg', 0.0) ?? 0.0,
            scraped: $actions->has('scraped') ? $actions->flag('scraped', true) : null,
            path: 'actions.',
        );
    }
}
