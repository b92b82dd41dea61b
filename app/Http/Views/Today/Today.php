<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;
use App\Models\Scale;
use App\Models\ScaleCheck;
use App\Models\Section;
use App\Models\Teacher;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;

/** A teacher's day. */
final readonly class Today extends View
{
    /**
     * @param  list<TodaySection>  $sections
     * @param  list<string>|null  $unchecked_scales  null for an aide: the drawer is not theirs
     */
    public function __construct(
        public string $time_zone,
        public array $sections,
        public ?array $unchecked_scales,
    ) {
    }

    /** @param  Collection<int, Section>  $sections  with their labs, items and stations */
    public static function of(Teacher $teacher, Collection $sections): self
    {
        $kitchen = $teacher->kitchen;
        $checked = ScaleCheck::today($kitchen); // as the board has it

        return new self(
            time_zone: $kitchen->school->time_zone,
            sections: array_values($sections->map(
                fn (Section $section): TodaySection => TodaySection::of($section, Gate::forUser($teacher)->allows('run', $section)),
            )->all()),
            unchecked_scales: ! $teacher->role->teaches() ? null : array_values(
                $kitchen->workingScales()->filter(fn (Scale $scale): bool => ! isset($checked[$scale->id]))
                    ->pluck('name')->all(),
            ),
        );
    }
}
