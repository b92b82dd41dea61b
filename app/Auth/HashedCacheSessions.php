<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Teacher;
use Illuminate\Cache\RedisStore;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Session\CacheBasedSessionHandler;
use Illuminate\Support\Facades\Auth;
use Redis;
use RedisException;

/**
 * Sessions of a district, in the cache that its machines share, by a hash of their id as {@see HashedSessions} has them. On which devices
 * a teacher is signed in is kept beside them.
 */
final class HashedCacheSessions extends CacheBasedSessionHandler implements KnowsDevices
{
    /** How far behind `asked last` may be, in seconds: not every request writes it. */
    private const BEHIND_S = 60;

    /** @param  int  $minutes  of nothing, after which a session ends */
    public function __construct(Repository $cache, int $minutes)
    {
        parent::__construct($cache, $minutes);
    }

    /** @param  string  $sessionId */
    public function read($sessionId): string
    {
        $data = $this->cache->get(self::key(HashedSessions::hash($sessionId)));
        if (! is_string($data)) {
            $this->refuseWhileLoading();
        }

        return is_string($data) ? $data : '';
    }

    /**
     * While Redis reads its file after a start it refuses, and the extension answers as if nothing were there, as it does when the
     * connection was cut: somebody would be signed out who is not.
     *
     * @throws RedisException
     */
    private function refuseWhileLoading(): void
    {
        $store = $this->cache->getStore();
        $client = $store instanceof RedisStore ? $store->connection()->client() : null;
        if ($client instanceof Redis && ($client->getLastError() !== null || ! $client->isConnected())) {
            $why = $client->getLastError() ?? 'The connection was cut.';
            $client->clearLastError();
            throw new RedisException($why);
        }
    }

    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    public function write($sessionId, $data): bool
    {
        $session = HashedSessions::hash($sessionId);
        $teacher = Auth::guard('teacher')->hasUser() ? Auth::guard('teacher')->user() : null;
        if ($teacher instanceof Teacher) {
            $this->note($teacher->id, $session, TeachersDevice::kindOf((string) request()->userAgent()));
        }

        return $this->cache->put(self::key($session), $data, now()->addMinutes($this->minutes));
    }

    /** @param  string  $sessionId */
    public function destroy($sessionId): bool
    {
        $this->cache->forget(self::key(HashedSessions::hash($sessionId)));

        return true; // one that had ended by itself has ended, too
    }

    public function devicesOf(array $teachers): array
    {
        $devices = [];
        foreach ($teachers as $teacher) {
            foreach ($this->noted((int) $teacher) as $session => [$kind, $askedAt]) {
                // Signed out, or idle for too long.
                if ($this->cache->has(self::key($session))) {
                    $devices[] = new TeachersDevice($session, (int) $teacher, $kind, $askedAt);
                }
            }
        }
        usort($devices, static fn (TeachersDevice $a, TeachersDevice $b): int => $b->askedAt <=> $a->askedAt);

        return $devices;
    }

    /** Two devices at once: one after the other. Where one would have to wait, its next request notes it. */
    private function note(int $teacher, string $session, string $kind): void
    {
        $now = now()->getTimestamp();
        $known = $this->noted($teacher)[$session][1] ?? 0;
        $store = $this->cache->getStore();
        if ($known > now()->subSeconds(self::BEHIND_S)->getTimestamp() || ! $store instanceof LockProvider) {
            return;
        }
        $store->lock("signed-in:$teacher:lock", 5)->get(function () use ($teacher, $session, $kind, $now): void {
            $ended = now()->subMinutes($this->minutes)->getTimestamp();
            $noted = array_filter($this->noted($teacher), static fn (array $one): bool => $one[1] > $ended);
            $this->cache->put("signed-in:$teacher", [...$noted, $session => [$kind, $now]], now()->addMinutes($this->minutes));
        });
    }

    /** @return array<string, array{string, int}> kind and when it asked last, by hashed session */
    private function noted(int $teacher): array
    {
        $noted = $this->cache->get("signed-in:$teacher");

        return is_array($noted) ? $noted : [];
    }

    private static function key(string $session): string
    {
        return "session:$session";
    }
}
