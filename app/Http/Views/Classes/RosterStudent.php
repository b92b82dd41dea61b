<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use App\Models\Student;
use Hovik\Core\Lab\OtherWay;

final readonly class RosterStudent extends View
{
    /**
     * @param  bool  $away  today
     * @param  list<OtherWay>  $ways  allowed
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $number,
        public ?int $station_id,
        public bool $has_pin,
        public bool $away,
        public array $ways,
    ) {
    }

    public static function of(Student $student, string $today): self
    {
        return new self(
            $student->id, $student->name, $student->roster_number, $student->station?->placeId(), $student->pin !== null,
            $student->isAway($today), $student->otherWays(),
        );
    }
}
