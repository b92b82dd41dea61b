<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Models\Section;
use App\Models\Teacher;

/** Classes that were put away. */
final readonly class ArchivedClasses extends View
{
    /** @param  list<ArchivedClass>  $classes  the last one first */
    public function __construct(
        public array $classes,
    ) {
    }

    public static function of(Teacher $teacher): self
    {
        return new self(array_values(
            Section::query()->where('teacher_id', $teacher->id)->where('archived_at', '<>', null)->latest('archived_at')->get()->map(
                static fn (Section $one): ArchivedClass => new ArchivedClass($one->id, $one->name, $one->archived_at?->toJSON() ?? ''),
            )->all(),
        ));
    }
}
