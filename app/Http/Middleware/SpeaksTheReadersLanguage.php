<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Hovik\Core\Words\DecimalSign;
use Hovik\Core\Words\Phrasebook;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** English or Spanish, as the browser asks, with numbers as its region writes them. */
final class SpeaksTheReadersLanguage
{
    /** A locale a language and sign: what is kept by locale is kept four times at most, whatever regions are asked for. */
    private const LOCALES = ['en point' => 'en', 'en comma' => 'en_DE', 'es point' => 'es_US', 'es comma' => 'es'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        app()->setLocale(self::locale($request));

        return $next($request);
    }

    private static function locale(Request $request): string
    {
        // A link to a file cannot say it in a header.
        $said = $request->query('language');
        foreach ([...(is_string($said) ? [str_replace('-', '_', $said)] : []), ...$request->getLanguages()] as $asked) {
            if (preg_match('/^(en|es)(_[A-Z]{2})?/i', $asked, $tag) === 1) {
                return self::LOCALES[Phrasebook::language(strtolower($tag[1])).' '.DecimalSign::of($tag[0])->value];
            }
        }

        return 'en';
    }
}
