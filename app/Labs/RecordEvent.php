<?php

declare(strict_types=1);

namespace App\Labs;

use App\Exceptions\Refusal;
use App\Live\Live;
use App\Models\LabEvent;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Weighing;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Words\Phrase;

/** Writes down what happened at a station, once, however often a device sends it. */
final class RecordEvent
{
    /**
     * @throws InvalidInput naming the field
     * @throws Refusal when it cannot happen now
     */
    public function record(SentEvent $event): void
    {
        [$lab, $station, $line] = [$event->lab, $event->station, $event->line];
        if ($event->kind->needsLine() && $line === null) {
            throw InvalidInput::because('line_id', Phrase::of('refusal.which-line'));
        }
        $detail = $event->kind->detail($event->detail, array_column($line?->frozen->steps() ?? [], 'value'));
        $before = LabEvent::query()->find($event->id);
        if ($before !== null) {
            if ($before->kind !== $event->kind || $before->station_id !== $station->id || $before->lab_line_id !== $line?->id) {
                throw new Refusal('refusal.event-reused');
            }

            return;
        }
        if (! $lab->takes($station)) {
            throw new Refusal('refusal.lab-not-open');
        }
        $this->refuseWhatCannotBe($event, $detail);
        LabEvent::query()->insertOrIgnore([
            'id' => $event->id,
            'lab_id' => $lab->id,
            'station_id' => $station->id,
            'lab_line_id' => $line?->id,
            'kind' => $event->kind->value,
            'detail' => json_encode((object) $detail, JSON_THROW_ON_ERROR),
            'student_id' => $event->by instanceof Student ? $event->by->id : null,
            'teacher_id' => $event->by instanceof Teacher ? $event->by->id : null,
            'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        Live::happened($lab, $station, $event->kind);
    }

    /** @param  array<string, string|int>  $detail */
    private function weighingOf(SentEvent $event, array $detail): Weighing
    {
        return Weighing::query()->where('station_id', $event->station->id)->where('lab_line_id', $event->line?->id)
            ->find($detail['weighing']) ?? throw InvalidInput::because('detail.weighing', Phrase::of('refusal.no-such-weighing'));
    }

    /** @param  array<string, string|int>  $detail */
    private function refuseWhatCannotBe(SentEvent $event, array $detail): void
    {
        [$lab, $station] = [$event->lab, $event->station];
        if ($event->kind === EventKind::Undone) {
            $undone = $lab->events()->where('station_id', $station->id)->find($detail['event']);
            $isTooLate = ! $undone instanceof LabEvent
                    || ! $undone->kind->canBeUndone()
                    || $undone->created_at->diffInSeconds(now(), true) > EventKind::UNDONE_WITHIN_S;
            if ($isTooLate) {
                throw new Refusal('refusal.too-late-to-undo');
            }
        }
        if (
            $event->kind === EventKind::Ready
                && ! StationStates::at($lab, $station)->hasAll(array_values($lab->weighedLines($station)->pluck('id')->all()))
        ) {
            throw new Refusal('refusal.not-all-weighed');
        }
        if ($event->kind === EventKind::Emptied) {
            $cup = $this->weighingOf($event, $detail)->cups[(int) $detail['cup'] - 1]
                ?? throw InvalidInput::because('detail.cup', Phrase::of('refusal.no-such-cup'));
            $cup->leftG((float) $detail['grams'], 'detail.grams');
        }
        if ($event->kind === EventKind::TakenBack) {
            $weighing = $this->weighingOf($event, $detail);
            $age = $weighing->created_at->diffInSeconds(now(), true);
            if (! $weighing->isLatest() || $age > EventKind::TAKEN_BACK_WITHIN_S + EventKind::SLOW_NETWORK_S) {
                throw new Refusal('refusal.too-late-to-take-back');
            }
        }
        if ($event->kind === EventKind::FirstTry) {
            $this->weighingOf($event, $detail);
        }
        if ($event->kind === EventKind::Taken) {
            foreach (LabLog::of($lab)->states() as $id => $state) {
                if ($id !== $station->id && isset($state->out[(int) $event->line?->id])) {
                    throw new Refusal('refusal.out-already');
                }
            }
        }
    }
}
