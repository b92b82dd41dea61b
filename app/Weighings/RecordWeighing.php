<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Exceptions\Refusal;
use App\Live\Live;
use App\Models\Scale;
use App\Models\Student;
use App\Models\Weighing;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Database\UniqueConstraintViolationException;

/** Stores one weigh-in, once, however often a device sends it. */
final class RecordWeighing
{
    /** Two devices of one station may take the same attempt number; the later one takes the next. */
    private const TRIES = 5;

    /**
     * @throws InvalidInput when the scale cannot have shown this weight
     * @throws Refusal when the id was used for something else
     */
    public function record(WeighIn $weighIn): Weighing
    {
        [$line, $station, $student] = [$weighIn->line, $weighIn->station, $weighIn->student];
        [$scale, $reading] = [$weighIn->scale, $weighIn->reading];
        $measured = $line->measuredBy($weighIn->way, $station);
        $judgement = Judge::judge($line->target(), $reading, $measured->expectedG());
        $stored = [
            'id' => $weighIn->id,
            'lab_line_id' => $line->id,
            'station_id' => $station->id,
            'student_id' => $student->id,
            'scale_id' => $scale->id,
            'grams' => $reading->kept(),
            'readability_g' => $reading->scale->readabilityG,
            'calibration_g' => $reading->scale->calibrationG,
            'verdict' => $judgement->verdict,
            'error_g' => $judgement->errorG,
            'error_pct' => $judgement->errorPct,
            'scale_u_g' => $judgement->uncertaintyG,
            'judgement' => $judgement,
            'ticked' => $weighIn->ticked,
            'scale_checked' => $scale->isCheckedOn($station->section->today()),
            'source' => $weighIn->source,
            'predicted' => $weighIn->predicted,
            'together' => $weighIn->together,
            'cups' => $weighIn->cups,
            'left_out' => $weighIn->leftOut,
            'way' => $weighIn->way,
            'weighed_out' => $measured->isWeighedOut(),
            'teacher_id' => $weighIn->correctedBy?->id,
        ];
        for ($try = 1; $try <= self::TRIES; $try++) {
            $earlier = ($try === 1 ? $weighIn->earlier : null) ?? Weighing::of($line->id, $station->id)->get();
            $same = $earlier->firstWhere('id', $weighIn->id);
            if ($same !== null) {
                return $this->asBefore($same, $student, $scale, $reading->grams);
            }
            $takenBack = $this->takenBack($earlier->last());
            // An exam has one try; a number that was typed wrong may be put right all the same.
            if ($line->lab->is_exam && $earlier->isNotEmpty() && $takenBack === null && $weighIn->correctsId === null) {
                throw new Refusal('refusal.exam-once');
            }
            try {
                $weighing = Weighing::query()->create([
                    'attempt' => 1 + ($earlier->last()->attempt ?? 0),
                    'corrects_id' => $weighIn->correctsId ?? $takenBack,
                ] + $stored);
            } catch (UniqueConstraintViolationException) {
                continue; // the id, or the attempt number, was taken meanwhile: look again
            }
            $weighing->setRelations(
                ['line' => $line, 'station' => $station, 'student' => $student, 'scale' => $scale, 'earlier' => $earlier],
            );
            Live::happened($line->lab, $station);

            return $weighing;
        }

        throw new Refusal('refusal.id-reused'); // every time: so the id stands for another line
    }

    /** What was typed wrong, said so, and now stands for it. */
    private function takenBack(?Weighing $last): ?string
    {
        return $last !== null && (bool) $last->getAttribute('is_taken_back') ? $last->id : null;
    }

    private function asBefore(Weighing $same, Student $student, Scale $scale, float $grams): Weighing
    {
        $isSame = ScaleReading::isStoredAs((float) $same->grams, $grams);
        if ($same->student_id !== $student->id || $same->scale_id !== $scale->id || ! $isSame) {
            throw new Refusal('refusal.id-reused');
        }

        return $same;
    }
}
