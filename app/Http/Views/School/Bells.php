<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;
use Hovik\Core\Calendar\BellSchedule;
use Hovik\Core\Calendar\SchoolCalendar;

/** A school's bells, and which ring on which day. */
final readonly class Bells extends View
{
    /**
     * @param  list<BellList>  $schedules
     * @param  list<BellWeekday>  $week  days that are not there are no school
     * @param  list<string>  $turns  lists of bells that take turns
     * @param  string|null  $turns_from  the day on which the first of them has its turn
     * @param  list<BellDay>  $days  that are otherwise
     */
    public function __construct(
        public array $schedules,
        public array $week,
        public array $turns,
        public ?string $turns_from,
        public array $days,
    ) {
    }

    public static function of(SchoolCalendar $calendar): self
    {
        return new self(
            array_map(static fn (BellSchedule $one): BellList => new BellList($one->name, $one->written()), $calendar->schedules),
            array_map(static fn (int $day, string $name): BellWeekday => new BellWeekday($day, $name),
                array_keys($calendar->week), $calendar->week),
            $calendar->turns,
            $calendar->turnsFrom,
            array_map(static fn (string $date, ?string $name): BellDay => new BellDay($date, $name),
                array_keys($calendar->days), $calendar->days),
        );
    }
}
