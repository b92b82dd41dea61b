<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Auth\Door;
use App\Models\Person;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A PIN, a card or a password that was made anew, a person who was put out, and the end of the day end sessions of before. */
final class SessionHolds
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (Door::GUARDS as $guard) {
            $who = Auth::guard($guard)->user();
            if ($who instanceof Person && ! Door::holds($request->session(), $guard, $who)) {
                Door::guard($guard)->logout();
                $request->session()->forget("door.$guard");
            }
        }

        return $next($request);
    }
}
