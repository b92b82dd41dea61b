<?php

declare(strict_types=1);

namespace App\Auth;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** In and out. One kind of person a browser: who comes in as a student is no longer there as a teacher. */
final class Door
{
    public const GUARDS = ['teacher', 'student', 'station'];

    /** The session gets a new id, so that one known before is worth nothing. */
    public static function enter(Request $request, string $guard, Authenticatable $who): void
    {
        foreach (self::GUARDS as $other) {
            if ($other !== $guard) {
                self::guard($other)->logout();
            }
        }
        self::guard($guard)->login($who);
        $request->session()->regenerate();
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
