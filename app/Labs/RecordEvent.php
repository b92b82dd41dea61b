<?php

declare(strict_types=1);

namespace App\Labs;

use App\Exceptions\Refusal;
use App\Live\Live;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\LabLine;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\EventKind;

/** Writes down what happened at a station, once, however often a device sends it. */
final class RecordEvent
{
    /**
     * @param  array<array-key, mixed>  $detail
     *
     * @throws InvalidInput naming the field
     * @throws Refusal when it cannot happen now
     */
    public function record(string $ulid, Lab $lab, Station $station, EventKind $kind, ?LabLine $line, array $detail, Student|Teacher|null $by): void
    {
        if ($kind->needsLine() && $line === null) {
            throw new InvalidInput('line_id', 'Which ingredient?');
        }
        $kept = $kind->detail($detail, $line->steps ?? []);
        $before = LabEvent::query()->find($ulid);
        if ($before !== null) {
            if ($before->kind !== $kind || $before->station_id !== $station->id || $before->lab_line_id !== $line?->id) {
                throw new Refusal('event_reused');
            }

            return;
        }
        if (! $lab->isOpen()) {
            throw new Refusal('lab_not_open');
        }
        $this->refuseWhatCannotBe($lab, $station, $kind, $line, $kept);
        LabEvent::query()->insertOrIgnore([
            'id' => $ulid, 'lab_id' => $lab->id, 'station_id' => $station->id, 'lab_line_id' => $line?->id, 'kind' => $kind->value, 'detail' => json_encode((object) $kept, JSON_THROW_ON_ERROR),
            'student_id' => $by instanceof Student ? $by->id : null, 'teacher_id' => $by instanceof Teacher ? $by->id : null, 'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        Live::tell($lab, 'happened', ['kind' => $kind->value, 'station' => $station->id]);
    }

    /** @param  array<string, string|int>  $detail */
    private function refuseWhatCannotBe(Lab $lab, Station $station, EventKind $kind, ?LabLine $line, array $detail): void
    {
        if ($kind === EventKind::Undone) {
            $undone = $lab->events()->where('station_id', $station->id)->find($detail['event']);
            if (! $undone instanceof LabEvent || ! $undone->kind->canBeUndone() || $undone->created_at->diffInSeconds(now(), true) > EventKind::UNDONE_WITHIN_S) {
                throw new Refusal('too_late_to_undo');
            }
        }
        if ($kind === EventKind::Ready && ! StationStates::at($lab, $station)->hasAll(array_values($lab->lines->pluck('id')->all()))) {
            throw new Refusal('not_all_weighed');
        }
        if ($kind === EventKind::Taken) {
            foreach (StationStates::of($lab) as $id => $state) {
                if ($id !== $station->id && isset($state->out[(int) $line?->id])) {
                    throw new Refusal('out_already');
                }
            }
        }
    }
}
