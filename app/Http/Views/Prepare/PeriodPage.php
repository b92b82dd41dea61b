<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Labs\LabPeriod;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Period\PeriodPlan;
use Hovik\Core\Words\Phrase;

/** A lab from bell to bell: in one period, or in two. */
final readonly class PeriodPage extends View
{
    /**
     * @param  bool  $own_hours  those of this lab alone, whatever the bells say
     * @param  list<PeriodBlock>  $blocks
     * @param  list<string>  $stations
     * @param  int|null  $running  which of the parts is going on, from 0
     * @param  float|null  $began_at  when that began, s since 1970
     * @param  list<PeriodPart>  $parts
     * @param  bool  $in_two  it spans two periods
     * @param  list<StoredLine>  $stored  every line, and what is done with it in between
     * @param  bool  $may_change  it may still be spread over two periods
     */
    public function __construct(
        public string $title,
        public string $section,
        public int $minutes,
        public string $starts_at,
        public string $ends_at,
        public bool $own_hours,
        public array $blocks,
        public array $stations,
        public ?int $running,
        public ?float $began_at,
        public array $parts,
        public bool $in_two,
        public array $stored,
        public bool $may_change,
    ) {
    }

    public static function of(LabPeriod $period, Lab $lab): self
    {
        $blocks = LabPeriod::blocks($lab);
        $began = $lab->second_at ?? $lab->opened_at;

        return new self(
            title: $lab->title,
            section: $lab->section->name,
            minutes: $period->parts[0]->period->minutes,
            starts_at: $lab->hours()->from,
            ends_at: $lab->hours()->to,
            own_hours: $lab->starts_at !== null,
            blocks: array_map(
                static fn (string $id, int $seconds): PeriodBlock => new PeriodBlock(
                    $id, Said::phrase(Phrase::of("period.$id")), Fixed::minutes($seconds),
                ),
                array_keys($blocks),
                $blocks,
            ),
            stations: $period->stations(),
            running: $lab->isOpen() ? (int) ($lab->second_at !== null) : null,
            began_at: $lab->isOpen() ? (float) $began?->format('U') : null,
            parts: array_map(static fn (PeriodPlan $plan): PeriodPart => PeriodPart::of($plan, $period), $period->parts),
            in_two: $lab->later !== null,
            stored: $period->stored(),
            may_change: $lab->mayBeSpread(),
        );
    }
}
