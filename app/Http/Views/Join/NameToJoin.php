<?php

declare(strict_types=1);

namespace App\Http\Views\Join;

use App\Http\Views\View;
use App\Models\Student;

final readonly class NameToJoin extends View
{
    public function __construct(
        public int $id,
        public string $name,
        public ?string $station,
        public bool $has_pin,
    ) {
    }

    public static function of(Student $student): self
    {
        return new self($student->id, $student->name, ($student->station->home ?? $student->station)?->name, $student->pin !== null);
    }
}
