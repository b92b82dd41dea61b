<?php

declare(strict_types=1);

namespace App\School;

use App\Auth\KnowsDevices;
use App\Auth\TeachersDevice;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Session;
use LogicException;

/** Sessions of teachers that have not ended by their idle time. */
final class SignedIn
{
    /**
     * @param  array<int|string>  $teachers
     * @return array<int, list<string>> when each of their devices asked last, the latest first, by teacher
     */
    public static function teachers(array $teachers): array
    {
        $asked = [];
        foreach (self::devices($teachers) as $device) {
            $asked[$device->teacher][] = self::at($device);
        }

        return $asked;
    }

    /**
     * @param  string  $here  the hashed id of the session that asks
     * @return list<array{device: string, at: string, here: bool}>
     */
    public static function of(int $teacher, string $here): array
    {
        return array_map(static fn (TeachersDevice $device): array => [
            'device' => $device->kind, 'at' => self::at($device), 'here' => $device->session === $here,
        ], self::devices([$teacher]));
    }

    /**
     * @param  array<int|string>  $teachers
     * @return list<TeachersDevice>
     */
    private static function devices(array $teachers): array
    {
        $sessions = Session::getHandler();

        return $sessions instanceof KnowsDevices ? $sessions->devicesOf($teachers) : throw new LogicException('Sessions know no devices.');
    }

    private static function at(TeachersDevice $device): string
    {
        return Carbon::createFromTimestampUTC($device->askedAt)->toJSON();
    }
}
