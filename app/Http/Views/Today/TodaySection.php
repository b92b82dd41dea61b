<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Station;
use Hovik\Core\Lab\LabState;

final readonly class TodaySection extends View
{
    /**
     * @param  bool  $runs  the teacher runs it; an aide watches, and sees no codes
     * @param  list<StationCode>  $stations
     * @param  list<AtTheDoor>  $at_the_door  students for whom wrong PINs came
     * @param  list<LabSummary>  $labs  the open one first, then those being prepared
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $runs,
        public ?string $code,
        public bool $open_to_join,
        public string $starts_at,
        public string $ends_at,
        public array $stations,
        public array $labs,
        public array $at_the_door,
    ) {
    }

    public static function of(Section $section, bool $runs): self
    {
        $order = array_flip([LabState::Open->value, LabState::Prepared->value, LabState::Closed->value]);

        return new self(
            id: $section->id,
            name: $section->name,
            runs: $runs,
            code: $runs ? $section->code : null,
            open_to_join: $section->open_to_join,
            starts_at: substr($section->starts_at, 0, 5),
            ends_at: substr($section->ends_at, 0, 5),
            stations: $runs ? array_values(
                $section->stations
                    ->map(fn (Station $station): StationCode => new StationCode($station->name, $station->code))->all(),
            ) : [],
            labs: array_values($section->labs->sortBy(fn (Lab $lab): int => $order[$lab->state->value])->map(LabSummary::of(...))->all()),
            at_the_door: $runs ? AtTheDoor::all($section) : [],
        );
    }
}
