<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodPlan;

/** A thing that stations share, and how long the one who waits longest waits for it. */
final readonly class SharedWait extends View
{
    public function __construct(
        public string $name,
        public bool $is_teacher,
        public int $longest_s,
        public bool $is_long,
    ) {
    }

    /**
     * @param  callable(string): string  $name
     * @return list<self> of what the plan uses
     */
    public static function all(PeriodPlan $plan, callable $name): array
    {
        $used = array_unique(array_merge(...array_map(static fn ($task): array => $task->resources, $plan->timeline)));
        $things = array_values(array_filter($used, static fn (string $id): bool => $id !== Period::TEACHER));
        if (in_array(Period::TEACHER, $used, true)) {
            $things[] = Period::TEACHER;
        }

        return array_map(
            static fn (string $id): self => new self(
                $name($id), $id === Period::TEACHER, $plan->longestWaitS($id), PeriodPlan::isLongWait($plan->longestWaitS($id)),
            ), $things,
        );
    }
}
