<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Models\Student;
use Hovik\Core\Lab\StationState;
use Illuminate\Database\Eloquent\Collection;

/** A device that has a line open. */
final readonly class MeasuringNow extends View
{
    /**
     * @param  string  $device  a name it gave itself
     * @param  string|null  $student  null: nobody said
     * @param  float  $at  s since 1970
     */
    public function __construct(public string $device, public int $line, public ?string $student, public float $at)
    {
    }

    /**
     * @param  Collection<int, Student>  $students  of the station
     * @return list<self>
     */
    public static function all(StationState $state, Collection $students): array
    {
        return array_map(static fn (string $device, array $one): self => new self(
            $device, $one['line'], $students->find($one['student'])?->name, $one['at'],
        ), array_map(strval(...), array_keys($state->measuring)), $state->measuring);
    }
}
