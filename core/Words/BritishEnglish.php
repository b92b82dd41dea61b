<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/**
 * English as a British school writes it: the same sentences with other words, from british.php beside this file; the screens are told
 * them, too. What is filled into a sentence is nobody's to respell.
 */
final class BritishEnglish
{
    /** @var array<string, string>|null */
    private static ?array $words = null;

    /** @param  string  $text  a sentence or a pattern with `{names}` of what goes into it */
    public static function of(string $text): string
    {
        $words = self::words();
        // The longest first: they are so in the file. A blank of the pattern, or its name, is passed over.
        $any = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), array_keys($words)));

        return (string) preg_replace_callback(
            "/\\{+\\w+|\\b(?:$any)\\b/iu",
            static function (array $found) use ($words): string {
                $word = $words[mb_strtolower($found[0])] ?? $found[0];

                return preg_match('/^\p{Lu}/u', $found[0]) === 1 ? mb_strtoupper(mb_substr($word, 0, 1)).mb_substr($word, 1) : $word;
            },
            $text,
        );
    }

    /** @return array<string, string> British by US, in small letters */
    public static function words(): array
    {
        /** @var array<string, string> $words */
        $words = self::$words ?? require __DIR__.'/british.php';

        return self::$words = $words;
    }
}
