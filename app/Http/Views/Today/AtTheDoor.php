<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Auth\WrongPins;
use App\Http\Views\View;
use App\Models\Section;
use App\Models\Student;

/** A student for whom wrong PINs came, and none that was right since. */
final readonly class AtTheDoor extends View
{
    public function __construct(
        public int $id,
        public string $name,
    ) {
    }

    /** @return list<self> */
    public static function all(Section $section): array
    {
        $ids = WrongPins::of($section);

        return $ids === [] ? [] : array_values(
            $section->students()->whereKey($ids)->get()->map(fn (Student $one): self => new self($one->id, $one->name))->all(),
        );
    }
}
