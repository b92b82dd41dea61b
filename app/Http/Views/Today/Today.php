<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\Scale;
use App\Models\Section;
use Illuminate\Support\Collection;

/** A teacher's day. */
final readonly class Today extends View
{
    /**
     * @param  list<TodaySection>  $sections
     * @param  list<string>  $unchecked_scales
     */
    public function __construct(
        public string $time_zone,
        public array $sections,
        public array $unchecked_scales,
    ) {
    }

    /** @param  Collection<int, Section>  $sections  with their labs, items and stations */
    public static function of(Kitchen $kitchen, Collection $sections): self
    {
        return new self(
            time_zone: $kitchen->time_zone,
            sections: array_values($sections->map(TodaySection::of(...))->all()),
            unchecked_scales: array_values(
                $kitchen->workingScales()->filter(fn (Scale $scale): bool => $scale->checked_on === null)
                    ->pluck('name')->all(),
            ),
        );
    }
}
