<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** Fills that make an amount: exactly, plainly and nearly so, or as near as the tools come. All of one measuring system. */
final readonly class Combinations
{
    /** Plans to choose from, where so many exist; and how many fills more than the fewest one of them may take. */
    private const ENOUGH_PLANS = 3;

    private const MORE_FILLS = 5;

    /** A tenth of the tolerance off and fewer fills goes before what is exact. */
    public const PLAIN_SHARE = 0.1;

    /**
     * @param  float  $tolerancePct  of the line, 0 to 100
     * @param  float  $weighG  what to weigh instead
     * @param  int  $mostFills  that are asked of anybody without a word
     * @param  Unit  $said  of two columns with a line at the same height, the one the recipe speaks
     */
    public function __construct(
        private Density $density, private BigRational $ml, private float $tolerancePct, private float $weighG, private Unit $said,
        private int $mostFills,
    ) {
    }

    /**
     * @param  list<Fill>  $options  of one each
     * @return list<ToolPlan> in no order; none where there is no suitable tool, or no number of fills that anybody would do
     */
    public function of(array $options): array
    {
        $options = array_values(array_filter($options, static fn (Fill $fill): bool => $fill->eachMl()->isPositive()));

        return $this->density->ingredient->family->isPoured() ? $this->poured($options) : $this->filled($options);
    }

    /**
     * Cups and spoons, filled past the rim; rings and wrapper marks, too.
     *
     * @param  list<Fill>  $options
     * @return list<ToolPlan>
     */
    private function filled(array $options): array
    {
        $options = $this->distinct($options);
        $volumes = self::volumes($options);
        $search = FillSearch::over($volumes, $this->ml) ?? FillSearch::over($volumes, self::withinReach($this->ml));
        if ($search === null) {
            return [];
        }
        $fewest = $search->fewest($search->goal);
        $exact = $search->exact(self::ENOUGH_PLANS, self::MORE_FILLS);
        $most = $fewest <= $this->mostFills ? $this->mostFills : FillSearch::MOST_FILLS;
        $isOffered = static fn (array $way): bool => array_sum($way) <= $most;
        $plans = array_map(
            fn (array $way): ToolPlan => $this->plan(self::fills($way, $options)), array_values(array_filter($exact, $isOffered)),
        );
        $sum = $search->near($this->plainShare(), min(($fewest ?? PHP_INT_MAX) - 1, $this->mostFills));
        $sum ??= $fewest === null ? $search->nearest($this->mostFills) : null;
        foreach ($sum === null ? [] : $search->ways($sum, (int) $search->fewest($sum)) as $way) {
            $plans[] = $this->plan(self::fills($way, $options), $fewest !== null);
        }

        return self::sane($plans);
    }

    /**
     * To a mark in one pour, in any vessel that has it; in several pours, and spoons for what is left; by spoons alone.
     *
     * @param  list<Fill>  $options
     * @return list<ToolPlan>
     */
    private function poured(array $options): array
    {
        $isMarked = static fn (Fill $fill): bool => $fill->toMark !== null;
        $marked = array_values(array_filter($options, $isMarked));
        $brimful = array_values(array_filter($options, static fn (Fill $fill): bool => ! $isMarked($fill)));
        $about = $this->ml->toFloat();
        $plans = [];
        foreach ($marked as $pour) {
            if ($pour->toMark?->isAt($this->ml, $about) === true) {
                $plans[] = $this->plan([$pour]);
            }
        }
        $alone = $brimful === [] ? [] : $this->filled($brimful);
        if ($plans !== []) {
            return [
                ...$plans,
                ...array_filter($alone, fn (ToolPlan $plan): bool => $plan->exact && $plan->fillCount() <= $this->mostFills),
            ];
        }
        $spoons = array_values(array_filter($brimful, static fn (Fill $fill): bool => $fill->tool->kind === ToolKind::Spoon));

        [$marked, $spoons] = [$this->distinct($marked), $this->distinct($spoons)];
        [$isExact, $ways] = Pours::ways(self::volumes($marked), self::volumes($spoons), $this->ml, $this->plainShare());
        $poured = array_map(
            fn (array $way): ToolPlan => $this->plan([...self::fills($way[0], $marked), ...self::fills($way[1], $spoons)], $isExact), $ways,
        );

        return $this->bestOf([...self::sane($poured), ...$alone]);
    }

    /**
     * Of pours and of spoons alone: the exact ones, and one that is plainly near; without either only what is nearest.
     *
     * @param  list<ToolPlan>  $plans
     * @return list<ToolPlan>
     */
    private function bestOf(array $plans): array
    {
        $exact = array_values(array_filter($plans, static fn (ToolPlan $plan): bool => $plan->exact));
        $fewest = $exact === [] ? PHP_INT_MAX : min(array_map(static fn (ToolPlan $plan): int => $plan->fillCount(), $exact));
        $off = array_filter($plans, static fn (ToolPlan $plan): bool => ! $plan->exact && $plan->fillCount() < $fewest);
        $isPlain = fn (ToolPlan $plan): bool => abs($plan->errorPct) <= 100 * $this->plainShare() + 1e-9;
        $rank = static fn (ToolPlan $plan): array => $isPlain($plan)
            ? [
                0, $plan->fillCount(), round(abs($plan->errorPct), 6), $plan->errorPct,
            ] : [1, round(abs($plan->errorPct), 6), $plan->fillCount(), $plan->errorPct];
        usort($off, static fn (ToolPlan $a, ToolPlan $b): int => $rank($a) <=> $rank($b));
        $first = $off[0] ?? null;
        if ($exact === []) {
            return $first === null ? [] : [$first];
        }
        $few = array_filter($exact, fn (ToolPlan $plan): bool => $plan->fillCount() <= max($fewest, $this->mostFills));

        return [...($first !== null && $isPlain($first) ? [$first] : []), ...$few];
    }

    /**
     * One fill a volume, the steadiest: a narrow jug before a wide one, a cup before a ring.
     *
     * @param  list<Fill>  $options
     * @return list<Fill>
     */
    private function distinct(array $options): array
    {
        $best = [];
        foreach ($options as $fill) {
            $key = (string) $fill->eachMl()->simplified();
            $best[$key] = isset($best[$key]) ? $this->steadier($best[$key], $fill) : $fill;
        }

        return array_values($best);
    }

    private function steadier(Fill $one, Fill $other): Fill
    {
        $less = WeightModel::of([$other], $this->density)->u() - WeightModel::of([$one], $this->density)->u();
        $isSaid = $other->toMark?->amount?->unit === $this->said;

        return $less < -1e-9 || ($isSaid && $less < 1e-9) ? $other : $one;
    }

    /**
     * A jug is never poured below its lowest line, nor a cup guessed at: half as much again, or half, is no nearest.
     *
     * @param  list<ToolPlan>  $plans
     * @return list<ToolPlan>
     */
    private static function sane(array $plans): array
    {
        return array_values(array_filter($plans, static fn (ToolPlan $plan): bool => abs($plan->errorPct) < 50));
    }

    private function plainShare(): float
    {
        return self::PLAIN_SHARE * $this->tolerancePct / 100;
    }

    /**
     * @param  array<int, int>  $way  position in $options => times
     * @param  list<Fill>  $options
     * @return list<Fill>
     */
    private static function fills(array $way, array $options): array
    {
        $fills = [];
        foreach ($way as $index => $times) {
            $fills[] = new Fill($options[$index]->tool, $times, $options[$index]->toMark);
        }

        return $fills;
    }

    /**
     * @param  list<Fill>  $options
     * @return list<BigRational>
     */
    private static function volumes(array $options): array
    {
        return array_map(static fn (Fill $fill): BigRational => $fill->eachMl(), $options);
    }

    /**
     * @param  list<Fill>  $fills
     * @param  bool  $isPlain  where it is not exact: an exact way exists, and takes more fills
     */
    private function plan(array $fills, bool $isPlain = false): ToolPlan
    {
        assert($fills !== []);
        $weight = WeightModel::of($fills, $this->density);
        $count = array_sum(array_map(static fn (Fill $f): int => $f->count, $fills));
        $total = array_reduce($fills, static fn (BigRational $sum, Fill $f): BigRational => $sum->plus($f->totalMl()), BigRational::zero());
        if (! $total->isEqualTo($this->ml)) {
            $error = 100 * ($total->dividedBy($this->ml)->toFloat() - 1);
            $off = [
                'percent' => round(abs($error), abs($error) < 0.1 ? 2 : 1), 'grams' => ShownGrams::of($this->weighG), 'count' => $count,
            ];

            return new ToolPlan(
                $fills, false, $error, $weight->mean, $weight->u(), Phrase::of($isPlain ? 'plan.why.plain' : 'plan.why.nearest', $off),
            );
        }
        $only = $fills[0];
        $why = match (true) {
            $count > 1 => Phrase::of('plan.why.fewest', ['count' => $count]),
            $only->tool->kind === ToolKind::ButterWrapper => Phrase::of(
                'plan.why.wrapper', ['mark' => $only->toMark?->sized() ?? ''],
            ),
            $only->toMark !== null => Phrase::of('plan.why.mark', ['mark' => $only->toMark->sized()]),
            default => Phrase::of('plan.why.one-fill', ['tool' => $only->tool->called()]),
        };

        return new ToolPlan($fills, true, 0.0, $weight->mean, $weight->u(), $why);
    }

    /** An amount with an odd denominator, to a ten-thousandth of a mL: enough to find what is nearest. */
    public static function withinReach(BigRational $ml): BigRational
    {
        return $ml->toScale(4, RoundingMode::HALF_UP)->toBigRational();
    }
}
