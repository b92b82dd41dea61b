<?php

declare(strict_types=1);

namespace App\School;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Sessions of teachers that have not ended by their idle time. */
final class SignedIn
{
    /**
     * @param  array<int|string>  $teachers
     * @return array<int, list<string>> when each of their devices asked last, the latest first, by teacher
     */
    public static function teachers(array $teachers): array
    {
        return self::rows($teachers)->groupBy('user_id')
            ->map(fn ($rows): array => array_values($rows->map(fn (stdClass $row): string => self::at($row))->all()))->all();
    }

    /**
     * @param  string  $here  the hashed id of the session that asks
     * @return list<array{device: string, at: string, here: bool}>
     */
    public static function of(int $teacher, string $here): array
    {
        return array_values(self::rows([$teacher])->map(fn (stdClass $row): array => [
            'device' => (string) $row->user_agent, 'at' => self::at($row), 'here' => $row->id === $here,
        ])->all());
    }

    /**
     * @param  array<int|string>  $teachers
     * @return \Illuminate\Support\Collection<int, stdClass>
     */
    private static function rows(array $teachers): \Illuminate\Support\Collection
    {
        return DB::table('sessions')->where('kind', 'teacher')->whereIn('user_id', $teachers)
            ->where('last_activity', '>', now()->subMinutes((int) config('session.lifetime'))->getTimestamp())
            ->orderByDesc('last_activity')->get(['id', 'user_id', 'user_agent', 'last_activity']);
    }

    private static function at(stdClass $row): string
    {
        return Carbon::createFromTimestampUTC((int) $row->last_activity)->toJSON();
    }
}
