<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeTask;
use App\Models\Student;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Readiness;
use Illuminate\Database\Eloquent\Collection;

/** What has been set for a student: done once all of it has been shown. */
final class SetPractice
{
    /** @return Collection<int, PracticeTask> due first */
    public static function of(Student $student): Collection
    {
        return $student->section->practiceTasks->filter(
            fn (PracticeTask $task): bool => $task->student_id === null
                || $task->student_id === $student->id,
        )->values();
    }

    /** @param  list<OtherWay>  $ways  that the student may go */
    public static function isDone(PracticeTask $task, Boxes $boxes, array $ways): bool
    {
        return Readiness::isReady(Readiness::sparing($task->aimed(), $ways), $boxes);
    }

    /**
     * What is still to be shown, each once, what is due first coming first.
     *
     * @param  Collection<int, PracticeTask>  $tasks
     * @param  list<OtherWay>  $ways  that the student may go
     * @return list<Aim>
     */
    public static function open(Collection $tasks, Boxes $boxes, array $ways): array
    {
        $open = [];
        foreach ($tasks as $task) {
            foreach (Readiness::sparing($task->aimed(), $ways) as $aim) {
                if (! $boxes->hasShown($aim)) {
                    $open[$aim->id()] ??= $aim;
                }
            }
        }

        return array_values($open);
    }
}
