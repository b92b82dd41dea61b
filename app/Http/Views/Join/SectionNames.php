<?php

declare(strict_types=1);

namespace App\Http\Views\Join;

use App\Http\Views\View;
use App\Models\Section;

/** The names of a class that is open to join. */
final readonly class SectionNames extends View
{
    /**
     * @param  list<NameToJoin>  $students
     */
    public function __construct(
        public string $name,
        public array $students,
    ) {
    }

    public static function of(Section $section): self
    {
        return new self($section->name, array_values($section->students->map(NameToJoin::of(...))->all()));
    }
}
