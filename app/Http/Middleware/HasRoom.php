<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\StorageFault;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing more is stored on a disk that is all but full: so the database never stops half way, and goes on as soon as there is room. */
final class HasRoom
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe()) {
            $free = disk_free_space(storage_path());
            if ($free !== false && $free < (int) config('hovik.least_free_bytes')) {
                throw StorageFault::full();
            }
        }

        return $next($request);
    }
}
