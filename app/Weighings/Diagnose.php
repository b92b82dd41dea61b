<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Labs\ToolsAtHand;
use App\Models\Diagnosis;
use App\Models\LabLine;
use App\Models\Student;
use App\Models\Weighing;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\LikelyCause;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\Fill;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Verdict;

/**
 * Asks the core what a stored weighing may come from, the first time somebody wants to know, and keeps the answer. Not when it
 * is stored: the verdict must not wait for it.
 */
final class Diagnose
{
    /** As many causes as are kept: three are shown, one more is there to choose from. */
    private const KEPT = 4;

    /** A frozen line whose tools no longer give what they gave then (fat under water): it is judged as weighed out. */
    private const SAME = 0.02;

    public function of(Weighing $weighing): Diagnosis
    {
        $kept = Diagnosis::query()->find($weighing->id);
        if ($kept !== null) {
            return $kept;
        }
        $said = Diagnostician::diagnose($this->situation($weighing));
        $causes = array_map(self::kept(...), $said->isExplained() ? $said->best(self::KEPT) : []);
        // Two devices may ask at once: the first answer stays.
        Diagnosis::query()->insertOrIgnore(['weighing_id' => $weighing->id, 'cause' => $causes[0]['cause'] ?? null, 'causes' => json_encode($causes, JSON_THROW_ON_ERROR), 'created_at' => now()->format('Y-m-d H:i:s.v')]);

        return Diagnosis::query()->findOrFail($weighing->id);
    }

    /** @return array{cause: string, with: string|null, p: float, low: float, high: float, way: array<string, mixed>|null} to keep */
    public static function kept(LikelyCause $likely): array
    {
        [$low, $high] = $likely->range();

        return ['cause' => $likely->cause->value, 'with' => $likely->with?->value, 'p' => $likely->p, 'low' => $low, 'high' => $high, 'way' => $likely->way()?->toArray()];
    }

    private function situation(Weighing $weighing): Situation
    {
        $line = $weighing->line;
        $kitchen = $line->lab->section->kitchen;
        $pantry = $kitchen->pantry();
        $drawer = $kitchen->drawer($line->standard);
        $ticked = array_values(array_filter(array_map(Step::tryFrom(...), $weighing->ticked)));
        $steps = array_map(Step::from(...), $line->steps);
        $with = fn (array $fills): Situation => new Situation(
            pantry: $pantry,
            ingredient: $pantry->ingredient($line->ingredient_id),
            amount: $line->saidAmount(),
            standard: $line->standard,
            fills: $fills,
            method: $line->method === null ? null : HouseMethod::from($line->method),
            targetG: $line->target()->grams,
            reading: ScaleReading::of((float) $weighing->grams, $weighing->scaleThen()),
            ticked: $ticked,
            // Who ticked nothing at all did not use the list: that says nothing about the steps.
            skipped: $ticked === [] ? [] : array_values(array_filter($steps, static fn (Step $step): bool => ! in_array($step, $ticked, true))),
            containerG: $weighing->station->bowl_g === null ? null : (float) $weighing->station->bowl_g,
            drawer: $drawer,
            factor: KitchenNotation::read($line->lab->factor)->toFloat(),
            others: $this->others($line, $pantry),
            history: $this->history($weighing->student, $weighing),
            handling: Handling::from($line->handling),
        );
        $other = ToolsAtHand::insteadFor($weighing);
        if ($other !== null) {
            return $with($other->fills);
        }
        $at = $with($this->fills($line, $drawer));

        return $line->expected() === null || abs($at->sound()->mean / $line->expected() - 1) < self::SAME ? $at : $with([]);
    }

    /**
     * @param  list<Tool>  $drawer
     * @return list<Fill>
     */
    private function fills(LabLine $line, array $drawer): array
    {
        return array_map(static function (array $fill) use ($line, $drawer): Fill {
            $owned = array_values(array_filter($drawer, static fn (Tool $tool): bool => $tool->id === $fill['tool']));
            $tool = $owned[0] ?? ToolCatalogue::tool($fill['tool'], $line->standard);
            $marks = array_values(array_filter($tool->marks, static fn ($mark): bool => $mark->text === $fill['to_mark']));

            return new Fill($tool, $fill['count'], $marks[0] ?? null);
        }, $line->fills);
    }

    /** @return list<float> what the other lines' amounts would weigh of this food, g */
    private function others(LabLine $line, Pantry $pantry): array
    {
        $ingredient = $pantry->ingredient($line->ingredient_id);
        $others = [];
        foreach ($line->lab->lines as $other) {
            if ($other->id !== $line->id && $other->saidAmount()->unit->dimension() === Dimension::Volume) {
                try {
                    $others[] = Conversion::toGrams($other->saidAmount(), $ingredient, $line->standard, $pantry, Handling::from($line->handling))->exact->toFloat();
                } catch (InvalidInput) {
                    continue; // eggs are not measured by the cup
                }
            }
        }

        return $others;
    }

    /** @return array<string, int> how often each cause was likeliest for this student before; Level counts as sound */
    private function history(Student $student, Weighing $before): array
    {
        $earlier = Weighing::query()->where('student_id', $student->id)->where('weighings.created_at', '<', $before->created_at);
        /** @var array<string, int> $causes */
        $causes = (clone $earlier)->where('verdict', '<>', Verdict::Level->value)->join('diagnoses', 'diagnoses.weighing_id', '=', 'weighings.id')
            ->whereNotNull('cause')->groupBy('cause')->selectRaw('cause, COUNT(*) AS times')->pluck('times', 'cause')->map(fn (mixed $times): int => is_numeric($times) ? (int) $times : 0)->all();
        $level = (clone $earlier)->where('verdict', Verdict::Level->value)->count();

        return [...$causes, Cause::Sound->value => ($causes[Cause::Sound->value] ?? 0) + $level];
    }
}
