<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Lab;
use App\Models\Station;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A station's tablet signed in for one lab. Once that was closed it rests: it hears when the lab is opened again, and may do nothing
 * until then; for another lab it must scan its card again.
 */
final class EndsWithItsLab
{
    public const SIGNED_IN_AT = 'station.signed_in_at';

    /** Attribute of a request: it comes from a tablet that rests. */
    public const RESTS = 'station.rests';

    private const WHILE_RESTING = ['api/work', 'api/sections/*/stations/*/live'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $station = $request->user();
        if ($station instanceof Station) {
            $since = $request->session()->get(self::SIGNED_IN_AT);
            $ended = ! is_string($since)
                    || Lab::query()->where('section_id', $station->section_id)->where('closed_at', '>', $since)->exists();
            if ($ended && ! $request->is(self::WHILE_RESTING)) {
                throw new AuthenticationException;
            }
            $request->attributes->set(self::RESTS, $ended);
        }

        return $next($request);
    }
}
