<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\Scale;
use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\Target;

/** Which of a kitchen's scales can judge which line of a lab. */
final class ScalesFit
{
    /** @return array<int, array<int, ScaleFitness>> by line id, then by scale id */
    public static function of(Lab $lab): array
    {
        $scales = $lab->section->kitchen->scales->mapWithKeys(fn (Scale $scale): array => [$scale->id => $scale->toCore()])->all();

        return array_map(
            static fn (Target $target): array => array_map(static fn (CoreScale $scale): ScaleFitness => ScaleFitness::of($scale, $target), $scales),
            FrozenLines::of($lab)->targets,
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
