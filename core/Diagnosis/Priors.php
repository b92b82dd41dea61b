<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Technique\Step;

/**
 * How likely each cause is before anybody looks at the weight: by family and plan, then by the steps done and skipped, then
 * by what this person's weights came from before. All figures are estimates of ours from how the craft's page ranks the
 * slips; docs/diagnosis.md shows how well they do on mishaps that were made with other figures.
 */
final class Priors
{
    /** Of weighings in a class, this share is sound technique. */
    private const SOUND = 0.64;

    /** Nonsense that no cause explains: a number of another line, a hand on the scale. */
    public const OUTLIER = 0.006;

    /** A step that failed is left unticked this much more often than one that was done; and ticked this much less. */
    private const SKIPPED = 6.0;

    private const TICKED = 0.45;

    /** How many earlier weighings the priors are worth against a person's own. */
    private const WORTH = 12;

    /** A tool checked with water is this much less likely to be off. */
    private const CHECKED = 0.05;

    /** Slips of any plan; parts of what is not sound. Each counts only where it can happen. */
    private const ANYWHERE = [
        'neighbour-tool' => 0.06, 'fill-extra' => 0.02, 'not-tared' => 0.06, 'wrong-unit' => 0.03, 'decimal-slip' => 0.012,
        'swapped-digits' => 0.012,
        'wrong-ingredient' => 0.012, 'tool-off-size' => 0.03, 'not-scaled' => 0.05, 'scaled-twice' => 0.02,
        'neighbour-line' => 0.015, 'floz-for-oz' => 0.06,
        'next-mark' => 0.04, 'under-filled' => 0.025, 'overshot' => 0.3, 'stopped-short' => 0.15, 'egg-size' => 0.2, 'in-shell' => 0.05,
        'salt-crystal' => 0.25, 'tsp-for-tbsp' => 0.05, 'tbsp-for-tsp' => 0.05,
    ];

    /** Slips at a line on a wall. */
    private const AT_A_LINE = [
        'eye-above' => 0.22, 'eye-below' => 0.06, 'far-edge' => 0.06, 'top-of-curve' => 0.09, 'in-hand' => 0.08,
        'jug-tilted' => 0.04, 'wrong-column' => 0.05,
    ];

    /** A fill too few, by how many there are: nobody forgets one of one. */
    private const MISSED_PER_FILL = 0.022;

    /**
     * @param  list<string>  $possible  causes that can happen here
     * @return array<string, float> by cause; with the outlier they add up to 1
     */
    public static function of(Situation $at, array $possible): array
    {
        $faults = self::ANYWHERE + self::AT_A_LINE + self::byFamily($at);
        $faults['fill-missing'] = $at->isCounted() ? 0.08 : self::MISSED_PER_FILL * min($at->fillCount(), 6);
        if ($at->isCounted()) {
            $faults['fill-extra'] = 0.06;
        }
        $faults['tool-off-size'] *= self::isChecked($at) ? self::CHECKED : 1.0;
        $faults = array_intersect_key($faults, array_flip($possible));
        $priors = [Cause::Sound->value => self::SOUND];
        $all = max(array_sum($faults), 1e-9);
        foreach ($faults as $id => $part) {
            $priors[$id] = (1 - self::SOUND - self::OUTLIER) * $part / $all;
        }

        return self::normalised(self::withHistory(self::withSteps($priors, $at), $at));
    }

    /** @return array<string, float> parts of what is not sound */
    private static function byFamily(Situation $at): array
    {
        return match ($at->ingredient->family) {
            // Where a class sifts, leaving that out is what happens; elsewhere it is dipping.
            Family::FinePowder => [
                'dipped' => $at->handling === Handling::Sifted ? 0.25 : 0.45, 'unsifted' => 0.3, 'tapped' => 0.08,
                'pressed' => 0.12, 'not-loosened' => 0.09, 'heaped' => 0.06, 'sifted' => 0.03, 'air-pockets' => 0.04,
                'lumps' => 0.03, 'hollow' => 0.04, 'jug-for-dry' => 0.02,
            ],
            Family::GranularSugar => [
                'heaped' => 0.15, 'tapped' => 0.08, 'pressed' => 0.03, 'not-loosened' => 0.03, 'lumps' => 0.05, 'hollow' => 0.06,
                'jug-for-dry' => 0.03,
            ],
            Family::MoistSugar => [
                'loose-sugar' => 0.3, 'pressed' => 0.1, 'heaped' => 0.1, 'air-pockets' => 0.06, 'lumps' => 0.04, 'hollow' => 0.05,
                'jug-for-dry' => 0.02, 'tapped' => 0.01,
            ],
            Family::LeavenerSpice => [
                'heaped' => 0.24, 'pressed' => 0.05, 'tapped' => 0.04, 'not-loosened' => 0.05, 'air-pockets' => 0.04,
                'lumps' => 0.03, 'hollow' => 0.07,
            ],
            Family::CoarseGrain => [
                'heaped' => 0.13, 'tapped' => 0.1, 'pressed' => 0.06, 'dipped' => 0.08, 'not-loosened' => 0.04,
                'air-pockets' => 0.03, 'lumps' => 0.02, 'hollow' => 0.06, 'jug-for-dry' => 0.04,
            ],
            Family::Pieces, Family::WholeIrregular => [
                'heaped' => 0.16, 'tapped' => 0.06, 'pressed' => 0.1, 'dipped' => 0.03, 'air-pockets' => 0.08, 'lumps' => 0.03,
                'hollow' => 0.07, 'jug-for-dry' => 0.04,
            ],
            Family::Shredded => [
                'heaped' => 0.1, 'tapped' => 0.05, 'pressed' => 0.2, 'dipped' => 0.05, 'air-pockets' => 0.06, 'lumps' => 0.04,
                'hollow' => 0.05, 'jug-for-dry' => 0.03,
            ],
            Family::SolidFat, Family::NutButter => [
                'air-pockets' => 0.2, 'residue' => 0.14, 'heaped' => 0.08, 'lumps' => 0.05, 'hollow' => 0.06,
            ],
            Family::ThickDairyPuree => ['air-pockets' => 0.16, 'residue' => 0.14, 'heaped' => 0.1, 'lumps' => 0.03, 'hollow' => 0.07],
            Family::ViscousLiquid => ['residue' => 0.3, 'air-pockets' => 0.05, 'lumps' => 0.03, 'hollow' => 0.07],
            Family::ThinLiquid, Family::Oil => ['residue' => 0.04, 'air-pockets' => 0.02, 'hollow' => 0.1],
            Family::Counted => ['air-pockets' => 0.01],
        };
    }

    private static function isChecked(Situation $at): bool
    {
        foreach ($at->fills as $fill) {
            if (! $fill->isChecked()) {
                return false;
            }
        }

        return $at->fills !== [];
    }

    /**
     * @param  array<string, float>  $priors
     * @return array<string, float>
     */
    private static function withSteps(array $priors, Situation $at): array
    {
        if ($at->fillsLeftOut !== null && isset($priors[Cause::FillMissing->value])) {
            $priors[Cause::FillMissing->value] *= $at->fillsLeftOut > 0 ? self::SKIPPED : self::TICKED;
        }
        if ($at->ticked === [] && $at->skipped === []) {
            return $priors;
        }
        foreach ($priors as $id => $prior) {
            $guards = Cause::from($id)->guards();
            $skipped = array_filter($guards, static fn (Step $step): bool => in_array($step, $at->skipped, true));
            $ticked = array_filter($guards, static fn (Step $step): bool => in_array($step, $at->ticked, true));
            $priors[$id] = $prior * ($skipped !== [] ? self::SKIPPED : ($ticked !== [] ? self::TICKED : 1.0));
        }

        return $priors;
    }

    /**
     * A person's own past, as weighings added to those the priors are worth.
     *
     * @param  array<string, float>  $priors
     * @return array<string, float>
     */
    private static function withHistory(array $priors, Situation $at): array
    {
        $times = array_sum($at->history);
        if ($times === 0) {
            return $priors;
        }
        $all = array_sum($priors);
        foreach ($priors as $id => $prior) {
            $priors[$id] = (self::WORTH * $prior / $all + ($at->history[$id] ?? 0)) / (self::WORTH + $times);
        }

        return $priors;
    }

    /**
     * @param  array<string, float>  $priors
     * @return array<string, float>
     */
    private static function normalised(array $priors): array
    {
        $all = array_sum($priors) / (1 - self::OUTLIER);

        return array_map(static fn (float $prior): float => $prior / $all, $priors);
    }
}
