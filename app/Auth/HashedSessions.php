<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Person;
use App\Models\Station;
use App\Models\Teacher;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Facades\Auth;
use stdClass;

/**
 * Sessions in the database by a hash of their id: who reads the table, or a copy of it, cannot be anybody. Of teachers it is noted on what
 * kind of device they are signed in, so that they can see it themselves; of a child's or a station's device nothing is.
 */
final class HashedSessions extends DatabaseSessionHandler implements KnowsDevices
{
    /** @param  string  $sessionId */
    public function read($sessionId): string|false
    {
        return parent::read(self::hash($sessionId));
    }

    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    public function write($sessionId, $data): bool
    {
        if (! $this->exists) {
            $this->read($sessionId); // whether it is there; the parent would ask by the hash's hash
        }

        return parent::write(self::hash($sessionId), $data);
    }

    /** @param  string  $sessionId */
    public function destroy($sessionId): bool
    {
        return parent::destroy(self::hash($sessionId));
    }

    public function devicesOf(array $teachers): array
    {
        return array_values($this->getQuery()->where('kind', 'teacher')->whereIn('user_id', $teachers)
            ->where('last_activity', '>', now()->subMinutes($this->minutes)->getTimestamp())
            ->orderByDesc('last_activity')->get(['id', 'user_id', 'user_agent', 'last_activity'])
            ->map(static fn (stdClass $row): TeachersDevice => new TeachersDevice(
                (string) $row->id, (int) $row->user_id, (string) $row->user_agent, (int) $row->last_activity,
            ))->all());
    }

    public static function hash(string $id): string
    {
        return hash('sha256', $id);
    }

    /**
     * @param  string  $data
     * @return array<string, mixed>
     */
    protected function getDefaultPayload($data): array
    {
        $who = null;
        foreach (Door::GUARDS as $kind) {
            $who ??= Auth::guard($kind)->hasUser() ? Auth::guard($kind)->user() : null;
        }

        return [
            'payload' => base64_encode($data), 'last_activity' => $this->currentTime(), ...self::of($who instanceof Person ? $who : null),
        ];
    }

    /** @return array{kind: string|null, user_id: int|null, ip_address: null, user_agent: string|null} */
    private static function of(?Person $who): array
    {
        return [
            'kind' => match (true) {
                $who instanceof Teacher => 'teacher', $who instanceof Station => 'station', $who !== null => 'student', default => null,
            },
            'user_id' => $who instanceof Teacher ? $who->id : null,
            'ip_address' => null, // whole schools share one
            'user_agent' => $who instanceof Teacher ? TeachersDevice::kindOf((string) request()->userAgent()) : null,
        ];
    }
}
