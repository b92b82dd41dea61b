<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabLine;

/** Which lines of a lab are measured at which of its places. */
final readonly class LinePlaces
{
    /**
     * @param  array<int, int>  $places  in the recipe, from 1, by line
     * @param  array<int, list<int>|null>  $stations  by line; null: all of them
     */
    private function __construct(private array $places, private array $stations)
    {
    }

    public static function of(Lab $lab): self
    {
        $lines = $lab->weighedLines();

        return new self(
            $lines->mapWithKeys(static fn (LabLine $line): array => [$line->id => $line->frozen->place()])->all(),
            $lines->mapWithKeys(static fn (LabLine $line): array => [$line->id => $line->stations])->all(),
        );
    }

    /**
     * @param  int  $at  {@see \App\Models\Station::placeId()}
     * @return array<int, int> the line's place in the recipe, by line that is measured there
     */
    public function at(int $at): array
    {
        return array_filter(
            $this->places, fn (int $line): bool => in_array($at, $this->stations[$line] ?? [$at], true), ARRAY_FILTER_USE_KEY,
        );
    }
}
