<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

use NumberFormatter;

/** What stands between whole grams and their tenths: by region, not by language. A Mexican scale shows a point, a Spanish one a comma. */
enum DecimalSign: string
{
    case Point = 'point';
    case Comma = 'comma';

    /** Those that the application speaks in: opening one takes a tenth of a millisecond, and every sentence needs it. */
    private const KNOWN = [
        'en' => self::Point, 'en_GB' => self::Point, 'en_DE' => self::Comma, 'en_DE_BRITISH' => self::Comma, 'es' => self::Comma,
        'es_US' => self::Point,
    ];

    /** @param  string  $locale  `es_MX`, `es-MX`, `es`; a region that nobody knows has its language's sign (Unicode's CLDR) */
    public static function of(string $locale): self
    {
        return self::KNOWN[$locale] ?? self::inUnicode($locale);
    }

    /** As Unicode's CLDR has it, which {@see of} agrees with. */
    public static function inUnicode(string $locale): self
    {
        $sign = (new NumberFormatter($locale, NumberFormatter::DECIMAL))->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL);

        return $sign === ',' ? self::Comma : self::Point;
    }

    public function sign(): string
    {
        return $this === self::Comma ? ',' : '.';
    }
}
