<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What comes in is text as UTF-8 has it, or it is refused by its field: no later part has to think of bytes that are none. */
final class IsReadable
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([...$request->query->all(), ...$request->request->all()] as $field => $value) {
            $this->check("$field", $value);
        }
        if (! mb_check_encoding(rawurldecode($request->path()), 'UTF-8')) {
            abort(404);
        }

        return $next($request);
    }

    private function check(string $field, mixed $value): void
    {
        if (is_array($value)) {
            foreach ($value as $key => $one) {
                $this->check("$field.$key", $one);
            }
        } elseif (! mb_check_encoding($field, 'UTF-8') || (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))) {
            throw InvalidInput::because(mb_scrub($field), Phrase::of('refusal.not-text'));
        }
    }
}
