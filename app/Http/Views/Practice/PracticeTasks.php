<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\PracticeTask;
use App\Practice\PracticeOf;
use App\Words\Said;
use Hovik\Core\Practice\Aim;

final readonly class PracticeTasks extends View
{
    /**
     * @param  list<StudentTask>  $tasks
     */
    public function __construct(
        public array $tasks,
    ) {
    }

    public static function of(PracticeOf $practice): self
    {
        $boxes = $practice->boxes();
        $today = $practice->today()->toDateString();

        $told = static function (PracticeTask $task) use ($practice, $boxes, $today): StudentTask {
            $isDone = $practice->isDone($task);
            $aims = array_map(
                static fn (Aim $aim): TaskAim => new TaskAim($aim->id(), Said::phrase($aim->said()), $boxes->hasShown($aim)),
                $practice->aimsOf($task),
            );

            return new StudentTask(
                $task->id, $task->due_on->toDateString(), $isDone, ! $isDone && $task->due_on->toDateString() < $today, $aims,
            );
        };

        return new self(array_values($practice->tasks()->map($told)->all()));
    }
}
