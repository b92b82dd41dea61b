<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseRules;

/** What to say where the tools do not quite serve. */
final readonly class ToolAdvice
{
    public function __construct(private HouseRules $schools)
    {
    }

    /**
     * @param  list<ToolPlan>  $plans
     * @param  list<Fill>  $options
     * @return list<Advice>
     */
    public function about(array $plans, array $options, BigRational $ml, Family $family, MeasureStandard $standard): array
    {
        $best = $plans[0] ?? null;
        $advice = [];
        if ($best === null && $options === []) {
            $advice[] = Advice::NoSuitableTool;
        }
        if ($family->isPoured()) {
            $advice = [...$advice, ...self::marksMissed($best, $options, $ml)];
        }
        $isMuch = ! $family->isPoured() && $ml->isGreaterThan($standard->size(Unit::Cup)->multipliedBy($this->schools->weighAboveCups()));
        if ($best === null || ! $best->exact || $isMuch) {
            $advice[] = Advice::WeighInstead;
        }

        return $advice;
    }

    /**
     * Why no jug takes it in one pour, when none does.
     *
     * @param  list<Fill>  $options
     * @return list<Advice>
     */
    private static function marksMissed(?ToolPlan $best, array $options, BigRational $ml): array
    {
        $marks = array_values(array_filter($options, static fn (Fill $f): bool => $f->toMark !== null));
        $usesNoMark = $best !== null && $best->exact && array_filter($best->fills, static fn (Fill $f): bool => $f->toMark !== null) === [];
        if ($marks === [] || $usesNoMark || ($best !== null && $best->exact && $best->fillCount() === 1)) {
            return [];
        }
        $below = array_filter($marks, static fn (Fill $f): bool => $f->eachMl()->isLessThan($ml));
        $above = array_filter($marks, static fn (Fill $f): bool => $f->eachMl()->isGreaterThan($ml));

        return [match (true) {
            $below === [] => Advice::BelowSmallestMark,
            $above === [] => Advice::AboveHighestMark,
            default => Advice::BetweenMarks,
        }];
    }
}
