<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Labs\StationStates;
use App\Models\Diagnosis;
use App\Models\LabLine;
use App\Models\Student;
use App\Models\Weighing;
use App\Review\FindMisses;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\KeptCause;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Verdict;
use LogicException;

/**
 * Asks the core what a stored weighing may come from, the first time somebody wants to know, and keeps the answer. Not when it
 * is stored: the verdict must not wait for it.
 */
final class Diagnose
{
    /** As many causes as are kept: three are shown, one more is there to choose from. */
    private const KEPT = 4;

    public function of(Weighing $weighing): Diagnosis
    {
        $kept = Diagnosis::query()->find($weighing->id);
        if ($kept !== null) {
            return $kept;
        }
        $said = Diagnostician::diagnose($this->situation($weighing));
        $causes = array_map(KeptCause::of(...), $said->isExplained() ? $said->best(self::KEPT) : []);
        // Two devices may ask at once: the first answer stays.
        $first = $causes[0]->cause ?? null;
        Diagnosis::query()->insertOrIgnore((new Diagnosis(['weighing_id' => $weighing->id, 'cause' => $first, 'causes' => $causes]))
            ->setCreatedAt(now())->getAttributes());

        return Diagnosis::query()->findOrFail($weighing->id);
    }

    private function situation(Weighing $weighing): Situation
    {
        $line = $weighing->measured();
        $lab = $weighing->line->lab;
        $kitchen = $lab->frozen ?? throw new LogicException("Lab $lab->id is not frozen.");
        $ticked = array_values($weighing->ticked->all());
        $judged = $weighing->judgement;
        // What bag and tool are surely known to add is no slip of anybody.
        $food = $line->food->times(FindMisses::knownFactor($weighing));

        return new Situation(
            pantry: Pantry::reference()->holding($food),
            ingredient: $food->ingredient,
            amount: $line->amount,
            standard: $line->standard,
            fills: $this->fills($weighing, $line, $kitchen),
            method: $line->method,
            targetG: $judged->target->grams,
            reading: $judged->reading,
            ticked: $ticked,
            // Who ticked nothing at all did not use the list: that says nothing about the steps.
            skipped: $ticked === [] ? [] : array_values(
                array_filter($line->steps(), static fn (Step $step): bool => ! in_array($step, $ticked, true)),
            ),
            containerG: $weighing->station->bowl_g === null ? null : (float) $weighing->station->bowl_g,
            drawer: $kitchen->drawer,
            factor: $lab->factor->number->toFloat(),
            others: $this->others($weighing->line),
            history: $this->history($weighing->student, $weighing),
            handling: $line->handling,
            fillsLeftOut: $weighing->left_out,
        );
    }

    /** @return list<Fill> what it was measured with; none where no tool gives the weight: weighed out, or fat under water */
    private function fills(Weighing $weighing, FrozenLine $line, FrozenKitchen $kitchen): array
    {
        $dropped = StationStates::before($weighing);
        $isDropped = array_filter($line->fills(), static fn (Fill $fill): bool => in_array($fill->tool->id, $dropped, true)) !== [];
        $plan = ($isDropped ? $kitchen->instead($line, $dropped) : null) ?? $line->way()->plan;

        return $plan === null || $plan->waterTo !== null ? [] : $plan->fills;
    }

    /** @return list<float> what the other lines' amounts would weigh of this food, g */
    private function others(LabLine $line): array
    {
        $own = $line->frozen;
        if ($own->food->ingredient->gramsPerUsCup === null) {
            return []; // eggs are not measured by the cup
        }
        $pantry = Pantry::reference()->holding($own->food);
        $others = [];
        foreach ($line->lab->lines as $other) {
            $amount = $other->frozen->amount;
            if ($other->id !== $line->id && $amount->unit->dimension() === Dimension::Volume) {
                $others[] = Conversion::toGrams($amount, $own->food->ingredient, $own->standard, $pantry, $own->handling)->exact->toFloat();
            }
        }

        return $others;
    }

    /** @return array<string, int> how often each cause was likeliest for this student before; Level counts as sound */
    private function history(Student $student, Weighing $before): array
    {
        $earlier = Weighing::query()->where('student_id', $student->id)->where('weighings.created_at', '<', $before->created_at);
        /** @var array<string, int> $causes */
        $causes = (clone $earlier)->where('verdict', '<>', Verdict::Level->value)->join(
            'diagnoses', 'diagnoses.weighing_id', '=', 'weighings.id',
        )
            ->whereNotNull('cause')->groupBy('cause')->selectRaw('cause, COUNT(*) AS times')->pluck('times', 'cause')->map(
                fn (mixed $times): int => is_numeric($times)
                    ? (int) $times
                    : 0,
            )->all();
        $level = (clone $earlier)->where('verdict', Verdict::Level->value)->count();

        return [...$causes, Cause::Sound->value => ($causes[Cause::Sound->value] ?? 0) + $level];
    }
}
