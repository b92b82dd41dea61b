<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Auth\Door;
use App\Models\Lab;
use App\Models\Station;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A station's tablet signed in for one lab: once a lab of its class has been closed since, it must scan its card again. */
final class EndsWithItsLab
{
    public const SIGNED_IN_AT = 'station.signed_in_at';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $station = $request->user();
        if ($station instanceof Station) {
            $since = $request->session()->get(self::SIGNED_IN_AT);
            $ended = ! is_string($since)
                    || Lab::query()->where('section_id', $station->section_id)->where('closed_at', '>', $since)->exists();
            if ($ended) {
                Door::guard('station')->logout();
                throw new AuthenticationException;
            }
        }

        return $next($request);
    }
}
