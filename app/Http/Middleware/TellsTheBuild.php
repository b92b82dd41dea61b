<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every answer says which front end belongs to it: a tablet that holds an older one loads itself anew when it may. */
final class TellsTheBuild
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $answer->headers->set('X-Hovik-Build', (string) config('hovik.build'));

        return $answer;
    }
}
