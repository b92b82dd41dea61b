<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Kitchen;
use App\Models\School;
use Illuminate\Support\Facades\Cache;

/**
 * What every sentence and every day asks of a kitchen's school, kept in this machine's memory. Other machines, and the teller, hear of a
 * change when they ask again, within a minute.
 */
final readonly class KnownSchool
{
    private const KNOWN_S = 60;

    private function __construct(public Spelling $spelling, public string $timeZone)
    {
    }

    public static function of(int $kitchen): self
    {
        return Cache::store('memory')->remember("school-of:$kitchen", self::KNOWN_S, static function () use ($kitchen): self {
            $school = Kitchen::query()->find($kitchen)?->school;

            return new self($school->spelling ?? Spelling::Us, $school->time_zone ?? 'UTC');
        });
    }

    /** At once on this machine. */
    public static function changed(School $school): void
    {
        foreach ($school->kitchens as $kitchen) {
            Cache::store('memory')->forget("school-of:$kitchen->id");
        }
    }
}
