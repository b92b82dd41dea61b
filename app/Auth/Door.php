<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Person;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** In and out. One kind of person a browser: who comes in as a student is no longer there as a teacher. */
final class Door
{
    public const GUARDS = ['teacher', 'student', 'station'];

    /** A school day with its evening: after that everybody shows again who they are, however busy they were. */
    public const LONGEST_HOURS = 14;

    /** The session gets a new id, so that one known before is worth nothing. */
    public static function enter(Request $request, string $guard, Person $who): void
    {
        foreach (self::GUARDS as $other) {
            if ($other !== $guard) {
                self::guard($other)->logout();
            }
        }
        self::guard($guard)->login($who);
        $request->session()->regenerate();
        self::stamp($request->session(), $guard, $who);
    }

    /** What a session holds of whoever came in with it: until when, and as which version of them. */
    public static function stamp(Session $session, string $guard, Person $who): void
    {
        $session->put(self::stampOf($guard, $who));
    }

    /** @return array<string, int> */
    public static function stampOf(string $guard, Person $who): array
    {
        return ["door.$guard.since" => now()->getTimestamp(), "door.$guard.version" => $who->session_version];
    }

    /** Whether a session is still whoever came in with it. */
    public static function holds(Session $session, string $guard, Person $who): bool
    {
        $since = $session->get("door.$guard.since");

        return $who->mayBeIn() && $session->get("door.$guard.version") === $who->session_version
                && is_int($since) && $since > now()->subHours(self::LONGEST_HOURS)->getTimestamp();
    }

    public static function leave(Request $request): void
    {
        foreach (self::GUARDS as $guard) {
            self::guard($guard)->logout();
        }
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    public static function guard(string $name): StatefulGuard
    {
        $guard = Auth::guard($name);

        return $guard instanceof StatefulGuard ? $guard : throw new \LogicException("The guard '$name' keeps no session.");
    }
}
