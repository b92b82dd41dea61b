<?php

declare(strict_types=1);

namespace App\Auth;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** What may be a password: ten letters or more, not one of those that are tried first, and not made of what everybody here knows. */
final class Password
{
    public const LEAST = 10;

    /** A hash takes no more bytes into account. */
    public const MOST_BYTES = 72;

    /**
     * @param  string  ...$known  the person's name and mail, the school's name
     *
     * @throws InvalidInput by `password`
     */
    public static function refuseBad(string $password, string ...$known): void
    {
        $why = match (true) {
            mb_strlen($password) < self::LEAST => Phrase::of('refusal.password-short', ['least' => self::LEAST]),
            strlen($password) > self::MOST_BYTES => Phrase::of('refusal.password-long'),
            self::isCommon($password) => Phrase::of('refusal.password-common'),
            self::isMadeOf($password, $known) => Phrase::of('refusal.password-known'),
            default => null,
        };
        if ($why !== null) {
            throw InvalidInput::because('password', $why);
        }
    }

    private static function isCommon(string $password): bool
    {
        static $common = null;
        $common ??= array_flip(array_map(self::plain(...), (array) file(__DIR__.'/bad-passwords.txt', FILE_IGNORE_NEW_LINES)));

        return isset($common[self::plain($password)]) || count(array_unique(mb_str_split($password))) < 4;
    }

    /**
     * What is left of it without those words is no password.
     *
     * @param  array<string>  $known
     */
    private static function isMadeOf(string $password, array $known): bool
    {
        $left = self::plain($password);
        $words = array_filter(
            explode(' ', (string) preg_replace('/[^a-z0-9]+/', ' ', implode(' ', array_map(self::plain(...), $known)))),
            static fn (string $word): bool => strlen($word) >= 3,
        );
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $rest = (string) preg_replace('/[^a-z]/', '', str_replace($words, '', $left));

        return $words !== [] && strlen($rest) < 4 && $rest !== (string) preg_replace('/[^a-z]/', '', $left);
    }

    /** Small letters without accents; figures that stand for letters are those letters. */
    private static function plain(string $text): string
    {
        $apart = \Normalizer::normalize($text, \Normalizer::FORM_D);
        $small = (string) preg_replace('/\p{Mn}/u', '', mb_strtolower($apart === false ? $text : $apart));

        return strtr($small, [
            '0' => 'o', '1' => 'i', '3' => 'e', '4' => 'a', '5' => 's',
            '7' => 't', '$' => 's', '@' => 'a', '!' => 'i',
        ]);
    }
}
