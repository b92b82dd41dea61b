<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\PracticeTask;
use App\Words\Said;
use Hovik\Core\Practice\Aim;

final readonly class ClassTask extends View
{
    /**
     * @param  list<string>  $aims
     * @param  list<string>  $done  names
     * @param  list<string>  $open
     */
    public function __construct(
        public int $id,
        public ?string $student,
        public array $aims,
        public string $due_on,
        public array $done,
        public array $open,
    ) {
    }

    /** @param  array{task: PracticeTask, done: list<string>, open: list<string>}  $one */
    public static function of(array $one): self
    {
        $task = $one['task'];

        return new self(
            id: $task->id,
            student: $task->student?->name,
            aims: array_map(static fn (Aim $aim): string => Said::phrase($aim->said()), $task->aimed()),
            due_on: $task->due_on->toDateString(),
            done: $one['done'],
            open: $one['open'],
        );
    }
}
