<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Lab;
use App\Models\Scale;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\Calibration\Inspection;
use Hovik\Core\Calibration\VolumeCheck;

/** A water check as it was sent, read and worked out. */
final readonly class CheckedTool
{
    /** @param  list<Inspection>  $faults */
    public function __construct(
        public string $id, public string $kind, public string $name, public ?string $place, public string $mark,
        public VolumeCheck $measured, public array $faults, public Scale $scale, public Teacher|Student $by, public ?Lab $lab,
    ) {
    }
}
