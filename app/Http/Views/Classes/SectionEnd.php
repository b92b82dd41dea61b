<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Models\Section;
use App\Models\Weighing;
use App\School\Erasure;
use App\School\Retention;

/** What erasing a class would take, and when it ends by itself. */
final readonly class SectionEnd extends View
{
    /**
     * @param  string|null  $ends_on  erased by itself on that day; null: not by itself
     * @param  string  $gone_from_backups  day from which no nightly backup has what is erased today
     */
    public function __construct(
        public string $name,
        public bool $archived,
        public bool $kept,
        public int $students,
        public int $labs,
        public int $weighings,
        public ?string $ends_on,
        public string $gone_from_backups,
    ) {
    }

    public static function of(Section $section): self
    {
        return new self(
            $section->name, $section->archived_at !== null, $section->kept, $section->students()->count(), $section->labs()->count(),
            Weighing::query()->whereIn('station_id', $section->stations()->select('id'))->count(),
            Retention::endOf($section, $section->kitchen->school)?->toDateString(), Erasure::goneFromBackups(),
        );
    }
}
