<?php

declare(strict_types=1);

namespace App\Review;

use App\Exceptions\Refusal;
use App\Models\Experiment;
use App\Models\ExperimentWeighing;
use App\Models\Section;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Standard\ExperimentPlan;
use Illuminate\Support\Facades\DB;

/** An experiment of a class: dealt out when it opens, weighed, shown. */
final class RunExperiment
{
    /** @param  int  $seed  of the chance by which it is dealt out */
    public function open(Experiment $experiment, int $seed): void
    {
        DB::transaction(static function () use ($experiment, $seed): void {
            Section::query()->whereKey($experiment->section_id)->lockForUpdate()->value('id');
            $today = $experiment->section->today();
            $here = $experiment->section->students->reject(static fn ($student): bool => $student->isAway($today));
            $students = array_values($here->modelKeys());
            $arms = array_map(static fn (Arm $arm): string => $arm->id, $experiment->arms);
            if ($arms === [] || $students === []) {
                throw new Refusal('refusal.nobody-to-try');
            }
            // One at a time: a tablet shows the one that is open.
            $experiment->section->experiments()->where('state', 'open')->whereKeyNot($experiment->id)->update(['state' => 'shown']);
            $experiment->update([
                'state' => 'open',
                'dealt' => $experiment->dealt !== [] ? $experiment->dealt : ($experiment->by_all
                    ? ExperimentPlan::allByAll($students, $arms, $seed) : ExperimentPlan::oneEach($students, $arms, $seed)),
            ]);
        });
    }

    /**
     * Sent twice it is stored once; typed again it takes the place of the one before.
     *
     * @param  array<string, mixed>  $columns
     */
    public function keep(Experiment $experiment, string $id, array $columns): void
    {
        DB::transaction(static function () use ($experiment, $id, $columns): void {
            Experiment::query()->whereKey($experiment->id)->lockForUpdate()->value('id');
            $taken = ExperimentWeighing::query()->find($id);
            if ($taken !== null && $taken->experiment_id !== $experiment->id) {
                throw new Refusal('refusal.id-reused');
            }
            $experiment->weighings()->where('student_id', $columns['student_id'])->where('arm', $columns['arm'])
                ->where('id', '<>', $id)->delete();
            $experiment->weighings()->updateOrCreate(['id' => $id], $columns);
        });
        $experiment->unsetRelation('weighings');
    }
}
