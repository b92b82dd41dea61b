<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Lab\EventKind;

/** Something that happened at a station, ready to be written down. */
final readonly class SentEvent
{
    /**
     * @param  string  $id  ULID made on the device
     * @param  array<array-key, mixed>  $detail  as sent; its kind says what it may hold
     */
    public function __construct(
        public string $id,
        public Lab $lab,
        public Station $station,
        public EventKind $kind,
        public ?LabLine $line,
        public array $detail,
        public Student|Teacher|null $by,
    ) {
    }
}
