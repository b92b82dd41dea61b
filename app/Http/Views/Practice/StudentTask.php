<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;

final readonly class StudentTask extends View
{
    /**
     * @param  list<TaskAim>  $aims
     */
    public function __construct(
        public int $id,
        public string $due_on,
        public bool $done,
        public bool $late,
        public array $aims,
    ) {
    }
}
