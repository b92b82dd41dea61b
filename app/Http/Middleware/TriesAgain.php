<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\StorageFault;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Page;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Redis;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Sleep;
use Symfony\Component\HttpFoundation\Response;

/**
 * What the database refused for a moment (a deadlock, a node that died or is not in the cluster yet) is asked once more, from the
 * beginning: rows are read anew, so nothing is taken for stored that was rolled back. Only what may come twice: what
 * reads, and what puts something under its own id, or takes it away; anything else only as long as it has changed no row. After that it is
 * told in words.
 */
final class TriesAgain
{
    /** Milliseconds before each further try. All of them together are shorter than a tablet waits. */
    private const PAUSES_MS = [50, 250, 700, 1500, 2500];

    /** A lock that was waited for in vain has taken longer: nobody waits for another try. */
    private const PATIENCE_S = 6;

    private const MAY_COME_TWICE = ['GET', 'HEAD', 'PUT', 'DELETE'];

    /** @param  bool  $keepsConnection  for a test, which lives in a transaction of its own */
    public function __construct(private readonly bool $keepsConnection = false)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $asItCame = clone $request;
        $until = now()->addSeconds(self::PATIENCE_S);
        foreach (self::PAUSES_MS as $pause) {
            $answer = $next($request);
            if (! self::isRefused($answer) || ! self::mayComeAgain($request) || $until->isPast()) {
                return $answer;
            }
            Sleep::for($pause)->milliseconds();
            $this->forget();
            $request = clone $asItCame;
        }

        return $next($request);
    }

    /** Laravel keeps with an answer what it was made of. */
    private static function isRefused(Response $answer): bool
    {
        return ($answer instanceof JsonResponse || $answer instanceof Page) && StorageFault::passes($answer->exception);
    }

    private static function mayComeAgain(Request $request): bool
    {
        return in_array($request->method(), self::MAY_COME_TWICE, true) || ! DB::connection()->hasModifiedRecords();
    }

    /** All that the try before knew: connections, who asks, their session. */
    private function forget(): void
    {
        if (! $this->keepsConnection) {
            DB::purge();
        }
        if (app()->resolved('redis')) {
            Redis::purge('default'); // one that was cut goes on answering as if nothing were there
        }
        Auth::forgetGuards();
        Session::forgetDrivers();
        app()->forgetInstance('session.store');
        app()->forgetScopedInstances();
    }
}
