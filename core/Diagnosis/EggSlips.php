<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Pantry\Kind;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Words\Phrase;

/** Slips with whole eggs: another size than the recipe's, or the shell weighed with them. */
final class EggSlips
{
    /** The shell is this share of what it holds, give or take: about a ninth of an egg in its shell. */
    private const SHELL = [0.125, 0.015];

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $each = $at->ingredient->gramsPerPiece?->toFloat();
        $isOfEggs = $cause === Cause::EggSize || $cause === Cause::InShell;
        if (! $isOfEggs || $at->ingredient->kind !== Kind::WholeEgg || $each === null) {
            return null;
        }
        $count = $at->targetG / $each;
        $of = static fn (float $grams, float $batch): Weight => WeightModel::pieces(
            $count, $grams, $batch, $at->ingredient->cvFill,
        );
        if ($cause === Cause::InShell) {
            [$share, $spread] = self::SHELL;

            return Prediction::ofWeights([[1.0, $of($each * (1 + $share), hypot($at->ingredient->cvBatch, $spread))]], $at->reading->scale);
        }
        $weights = [];
        foreach ($at->pantry->ofKind(Kind::WholeEgg) as $id) {
            $other = $at->pantry->ingredient($id)->gramsPerPiece?->toFloat();
            if ($other !== null && abs($other / $each - 1) > 0.02) {
                // The next size is the likeliest in the box.
                $weights[] = [1 / (1 + 10 * abs(log($other / $each))), $of($other, $at->ingredient->cvBatch), Phrase::of("ingredient.$id")];
            }
        }

        return Prediction::ofWeights($weights, $at->reading->scale);
    }
}
