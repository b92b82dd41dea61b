<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Models\Student;

/** A student by name. */
final readonly class Person extends View
{
    public function __construct(
        public int $id,
        public string $name,
    ) {
    }

    public static function of(Student $student): self
    {
        return new self($student->id, $student->name);
    }
}
