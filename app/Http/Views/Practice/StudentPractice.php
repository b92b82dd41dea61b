<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Models\Student;
use Hovik\Core\Practice\Aim;

final readonly class StudentPractice extends View
{
    /**
     * @param  list<string>  $shown
     * @param  list<string>  $met
     * @param  list<string>  $returning
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $answered,
        public bool $ready,
        public array $shown,
        public array $met,
        public array $returning,
    ) {
    }

    /** @param  array{student: Student, answered: int, ready: bool, shown: list<Aim>, met: list<Aim>, returning: list<string>}  $one */
    public static function of(array $one): self
    {
        $ids = static fn (array $aims): array => array_map(static fn (Aim $aim): string => $aim->id(), $aims);

        return new self(
            $one['student']->id, $one['student']
                ->name, $one['answered'], $one['ready'], $ids($one['shown']), $ids($one['met']), $one['returning'],
        );
    }
}
