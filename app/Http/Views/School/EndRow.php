<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;

final readonly class EndRow extends View
{
    /** @param  string|null  $ends_on  null: not by itself */
    public function __construct(
        public int $id,
        public string $name,
        public string $teacher,
        public int $students,
        public bool $archived,
        public bool $kept,
        public ?string $ends_on,
    ) {
    }
}
