<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** Fills that make an amount: exactly, or as near as the tools come. */
final class Combinations
{
    /** Plans to choose from, where so many exist; and how many fills more than the fewest one of them may take. */
    private const ENOUGH_PLANS = 3;

    private const MORE_FILLS = 5;

    /** Several pours at most. */
    private const MOST_POURS = 8;

    /**
     * @param  list<Fill>  $options
     * @return list<ToolPlan>
     */
    public static function exact(array $options, BigRational $ml, Family $family, Density $density): array
    {
        $combinations = $family->isPoured() ? self::poured($options, $ml) : self::filled($options, $ml);
        $plans = [];
        foreach ($combinations as $fills) {
            $plans[] = self::exactPlan($fills, $density);
        }

        return $plans;
    }

    /**
     * @param  list<Fill>  $options
     * @return list<ToolPlan> one, or none when there is no suitable tool at all
     */
    public static function nearest(array $options, BigRational $ml, Density $density, float $weighG, int $most): array
    {
        $search = FillSearch::over(array_map(static fn (Fill $f): BigRational => $f->eachMl(), $options), self::withinReach($ml));
        $fills = $search === null ? [] : (self::counts([$search->nearest($most)], $options)[0] ?? []);
        if ($fills === []) {
            return [];
        }
        $total = array_reduce($fills, static fn (BigRational $sum, Fill $f): BigRational => $sum->plus($f->totalMl()), BigRational::zero());
        $error = 100 * ($total->dividedBy($ml)->toFloat() - 1);
        // A jug is never poured below its lowest line: half as much again, or half, is no nearest.
        if (abs($error) >= 50) {
            return [];
        }
        $weight = WeightModel::of($fills, $density);

        return [
            new ToolPlan(
                $fills, false, $error, $weight->mean, $weight->u(),
                Phrase::of('plan.why.nearest', ['percent' => round(abs($error), 1), 'grams' => ShownGrams::of($weighG)]),
            ),
        ];
    }

    /**
     * @param  list<Fill>  $options
     * @return list<non-empty-list<Fill>>
     */
    private static function filled(array $options, BigRational $ml): array
    {
        $search = FillSearch::over(array_map(static fn (Fill $f): BigRational => $f->eachMl(), $options), $ml);

        return self::counts($search?->exact(self::ENOUGH_PLANS, self::MORE_FILLS) ?? [], $options);
    }

    /**
     * One pour to a mark, if any vessel has it, or spoons; without such a mark also a pour and the rest by spoon; else
     * several pours.
     *
     * @param  list<Fill>  $options
     * @return list<non-empty-list<Fill>>
     */
    private static function poured(array $options, BigRational $ml): array
    {
        $marked = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark !== null));
        $brimful = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark === null));
        $found = [];
        $about = $ml->toFloat();
        foreach ($marked as $pour) {
            if ($pour->toMark?->isAt($ml, $about) === true) {
                $found[] = [$pour];
            }
        }
        $spoons = self::filled($brimful, $ml);
        if ($found !== []) {
            return [...$found, ...$spoons];
        }
        $found = $spoons;
        foreach ($marked as $pour) {
            if ($pour->toMark !== null && $pour->toMark->about < $about) {
                foreach (self::filled($brimful, $ml->minus($pour->eachMl())) as $rest) {
                    $found[] = [$pour, ...$rest];
                }
            }
        }

        return $found !== [] ? $found : array_values(array_filter(
            self::filled($marked, $ml),
            static fn (array $fills): bool => array_sum(array_map(static fn (Fill $f): int => $f->count, $fills)) <= self::MOST_POURS,
        ));
    }

    /**
     * @param  list<array<int, int>>  $combinations  position in $options => times
     * @param  list<Fill>  $options
     * @return list<non-empty-list<Fill>>
     */
    private static function counts(array $combinations, array $options): array
    {
        $all = [];
        foreach ($combinations as $combination) {
            $fills = [];
            foreach ($combination as $index => $times) {
                $fills[] = new Fill($options[$index]->tool, $times, $options[$index]->toMark);
            }
            if ($fills !== []) {
                $all[] = $fills;
            }
        }

        return $all;
    }

    /** @param  non-empty-list<Fill>  $fills */
    private static function exactPlan(array $fills, Density $density): ToolPlan
    {
        $weight = WeightModel::of($fills, $density);
        $count = array_sum(array_map(static fn (Fill $f): int => $f->count, $fills));
        $only = $fills[0];
        $why = match (true) {
            $count > 1 => Phrase::of('plan.why.fewest', ['count' => $count]),
            $only->tool->kind === ToolKind::ButterWrapper => Phrase::of(
                'plan.why.wrapper', ['mark' => $only->toMark->amount ?? $only->toMark->text ?? ''],
            ),
            $only->toMark !== null => Phrase::of('plan.why.mark', ['mark' => $only->toMark->amount ?? $only->toMark->text]),
            default => Phrase::of('plan.why.one-fill', ['tool' => $only->tool->called()]),
        };

        return new ToolPlan($fills, true, 0.0, $weight->mean, $weight->u(), $why);
    }

    /** An amount with an odd denominator, to a ten-thousandth of a mL: enough to find what is nearest. */
    private static function withinReach(BigRational $ml): BigRational
    {
        return $ml->toScale(4, RoundingMode::HALF_UP)->toBigRational();
    }
}
