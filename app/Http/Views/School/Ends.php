<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use App\Models\School;
use App\School\Retention;

/** When what is stored of classes ends. */
final readonly class Ends extends View
{
    /** @param  list<EndRow>  $classes  the next one first */
    public function __construct(
        public array $classes,
    ) {
    }

    public static function of(School $school): self
    {
        return new self(array_values(Retention::preview($school)->map(static fn (array $one): EndRow => new EndRow(
            $one['section']->id, $one['section']->name, $one['section']->teacher->name, $one['section']->students()->count(),
            $one['section']->archived_at !== null, $one['section']->kept, $one['end']?->toDateString(),
        ))->all()));
    }
}
