<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Weighing\ScaleFitness;

/** Which of a kitchen's scales can judge which line of a lab. */
final class ScalesFit
{
    /** @return array<int, array<int, ScaleFitness>> by id of the weighed line, then by scale id */
    public static function of(Lab $lab): array
    {
        $scales = $lab->section->kitchen->workingScales()->mapWithKeys(fn (Scale $scale): array => [$scale->id => $scale->toCore()])->all();

        return $lab->weighedLines()->mapWithKeys(static fn (LabLine $line): array => [
            $line->id => array_map(static fn (CoreScale $scale): ScaleFitness => ScaleFitness::of($scale, $line->target()), $scales),
        ])->all();
    }

    /**
     * The scale that judges it first: the first that can, else the last there is.
     *
     * @param  array<int, ScaleFitness>  $fitness
     */
    public static function best(array $fitness): ?int
    {
        return self::fit($fitness)[0] ?? array_key_last($fitness);
    }

    /**
     * By scale that is too coarse for one level measure: how many to weigh as one, where that is less work than a finer scale.
     *
     * @param  array<int, ScaleFitness>  $fitness
     * @return array<int, int>
     */
    public static function together(array $fitness): array
    {
        return array_filter(
            array_map(static fn (ScaleFitness $one): ?int => $one->needsFinerScale() ? null : $one->weighTogether, $fitness),
            is_int(...),
        );
    }

    /**
     * @param  array<int, ScaleFitness>  $fitness
     * @return list<int> scales fine enough
     */
    public static function fit(array $fitness): array
    {
        return array_keys(array_filter($fitness, static fn (ScaleFitness $one): bool => $one->fit));
    }
}
