<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Weighing\Weight;

/**
 * Ranks what a weight may come from by Bayes' rule: prior x how well each cause predicts the reading, against each other and
 * against nonsense. Where nothing single explains it, two slips at once are tried.
 */
final class Diagnostician
{
    /** Nonsense is spread evenly over orders of magnitude: from a hundredth to thirty times the target. */
    private const NONSENSE_FROM = 0.01;

    private const NONSENSE_TO = 30.0;

    /** Below this probability a cause is not named. */
    private const WORTH_NAMING = 0.001;

    /** How often sound work is untidy, and how much more its fills scatter then. Estimates of ours. */
    private const UNTIDY = 0.1;

    private const UNTIDY_SPREAD = 2.2;

    /** Two slips at once happen this much more often than by chance: the careless are careless twice. */
    private const CARELESS = 1.5;

    public static function diagnose(Situation $at): Diagnosis
    {
        $predictions = self::predictions($at);
        $priors = Priors::of($at, array_keys($predictions));
        $grams = $at->reading->trueGrams();
        $scores = [];
        foreach ($predictions as $id => $prediction) {
            $scores[] = [Cause::from($id), null, ($priors[$id] ?? 0.0) * $prediction->density($grams), $prediction];
        }
        $nonsense = Priors::OUTLIER / max($grams, self::NONSENSE_FROM * $at->targetG) / log(self::NONSENSE_TO / self::NONSENSE_FROM);
        $single = array_sum(array_column($scores, 2));
        if ($single < $nonsense) {
            $scores = [...$scores, ...self::pairs($at, $priors, $predictions)];
        }

        return self::ranked($scores, $nonsense, $at);
    }

    /** The one prediction of a cause here, or null where it cannot happen. */
    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        return match ($cause) {
            Cause::Sound => self::sound($at),
            default => match ($cause->place()) {
                'filling' => FoodSlips::predict($cause, $at),
                'level' => FoodSlips::predict($cause, $at) ?? JugSlips::predict($cause, $at),
                'tool' => in_array($cause, [Cause::WrongColumn, Cause::NextMark], true)
                    ? JugSlips::predict($cause, $at) : ToolSlips::predict($cause, $at),
                'scale' => ScaleSlips::predict($cause, $at),
                'food' => EggSlips::predict($cause, $at) ?? RecipeSlips::predict($cause, $at),
                default => RecipeSlips::predict($cause, $at),
            },
        };
    }

    /** Good technique; now and then untidy, though nothing was done wrong. */
    private static function sound(Situation $at): ?Prediction
    {
        $tidy = $at->sound();
        $untidy = new Weight($tidy->mean, self::UNTIDY_SPREAD * $tidy->fillU, $tidy->toolU, $tidy->batchU, $tidy->habitU, $tidy->residueU);

        return Prediction::ofWeights([[1 - self::UNTIDY, $tidy], [self::UNTIDY, $untidy]], $at->reading->scale);
    }

    /** @return array<string, Prediction> by cause: those that can happen here */
    private static function predictions(Situation $at): array
    {
        $predictions = [];
        foreach (Cause::cases() as $cause) {
            $prediction = self::predict($cause, $at);
            if ($prediction !== null) {
                $predictions[$cause->value] = $prediction;
            }
        }

        return $predictions;
    }

    /**
     * @param  array<string, float>  $priors
     * @param  array<string, Prediction>  $predictions
     * @return list<array{Cause, Cause|null, float, Prediction}>
     */
    private static function pairs(Situation $at, array $priors, array $predictions): array
    {
        $sound = $at->sound();
        $grams = $at->reading->trueGrams();
        $scores = [];
        $causes = array_values(
            array_filter(Cause::cases(), static fn (Cause $c): bool => isset($predictions[$c->value])
                    && $c !== Cause::Sound
                    && $c !== Cause::SwappedDigits),
        );
        foreach ($causes as $i => $one) {
            foreach (array_slice($causes, $i + 1) as $other) {
                if ($one->place() === $other->place()) {
                    continue;
                }
                [$first, $second] = [$predictions[$one->value], $predictions[$other->value]];
                // A vessel adds to whatever was wrong before; all else multiplies.
                $both = $other === Cause::NotTared
                        ? $first->plus($second, $sound)
                        : ($one === Cause::NotTared ? $second->plus($first, $sound) : $first->times($second, $sound));
                $prior = self::CARELESS * ($priors[$one->value] ?? 0.0) * ($priors[$other->value] ?? 0.0);
                $scores[] = [$one, $other, $prior * $both->density($grams), $both];
            }
        }

        return $scores;
    }

    /** @param  list<array{Cause, Cause|null, float, Prediction}>  $scores */
    private static function ranked(array $scores, float $nonsense, Situation $at): Diagnosis
    {
        $grams = $at->reading->trueGrams();
        $all = array_sum(array_column($scores, 2)) + $nonsense;
        usort($scores, static fn (array $a, array $b): int => $b[2] <=> $a[2]);
        $causes = [];
        foreach ($scores as [$cause, $with, $score, $prediction]) {
            if ($score / $all >= self::WORTH_NAMING) {
                $isTicked = array_intersect(
                    array_column($cause->guards(), 'value'), array_column($at->ticked, 'value'),
                ) !== [];
                $causes[] = new LikelyCause($cause, $with, $score / $all, $prediction, $grams, $isTicked);
            }
        }

        return new Diagnosis($causes, $nonsense / $all);
    }
}
