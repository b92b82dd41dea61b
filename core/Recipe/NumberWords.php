<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Hovik\Core\Quantity\KitchenNotation;

/** Numbers as recipes write them: `1 3/4`, `1-1/2`, `1½`, `0.5`, `1,5`, `1,000`, `one and a half`, `three quarters`, `half a`. */
final class NumberWords
{
    private const VULGAR = '~^[¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒]$~u';

    /**
     * @param  callable(int): bool  $isUnit  whether a unit stands at a position: 'a cup' is one cup, 'a good flour' is no number
     * @return array{BigRational, int}|null
     */
    public static function at(Reading $r, int $at, callable $isUnit): ?array
    {
        if (! isset($r->tokens[$at])) {
            return null;
        }

        $number = self::figures($r, $at) ?? self::words($r, $at, $isUnit);

        return $number !== null && $r->word($number[1]) === '%' ? null : $number; // '2% milk'
    }

    /** @return array{BigRational, int}|null */
    private static function figures(Reading $r, int $at): ?array
    {
        $fraction = self::fraction($r, $at);
        if ($fraction !== null) {
            return $fraction;
        }
        $text = self::written($r, $at);
        if (strlen($text) > 12 || preg_match('~^(\d*([.,]\d+)?|\d{1,3}(,\d{3})+)$~', $text) !== 1 || $text === '') {
            return null;
        }
        $number = preg_match('~^\d{1,3}(,\d{3})+$~', $text) === 1
                ? BigRational::of(str_replace(',', '', $text))
                : KitchenNotation::read($text);
        $next = $at + 1;
        if (preg_match('~^\d+$~', $text) !== 1) {
            return [$number, $next];
        }
        // `1 1/2`, `1½`, `1-1/2`, `1 and 1/2`
        $gap = in_array($r->word($next), ['and', '&', '-'], true) ? 1 : 0;
        $rest = self::fraction($r, $next + $gap);
        if ($rest !== null && $rest[0]->isLessThan(1) && ($gap === 0 || $r->word($next) !== '-' || $number->isPositive())) {
            return [$number->plus($rest[0]), $rest[1]];
        }
        $half = $gap === 1 && $r->word($next) !== '-' ? self::wordFraction($r, $next + 1) : null;

        return $half !== null ? [$number->plus($half[0]), $half[1]] : [$number, $next];
    }

    /** The figures of a token; a scan's l or I for a 1, where only a number can stand: 'l/2 cup', and 'l cup' at the beginning. */
    private static function written(Reading $r, int $at): string
    {
        $text = $r->tokens[$at]->text;
        if (! in_array($text, ['l', 'I', '|'], true)) {
            return $r->tokens[$at]->isNumber() ? $text : '';
        }
        $isFraction = $r->word($at + 1) === '/' && ($r->tokens[$at + 2] ?? null)?->isNumber() === true;
        $isFirst = $at === $r->at && $r->amounts === [] && isset($r->tokens[$at + 1]) && $r->isUnit($at + 1);

        return $isFraction || $isFirst ? '1' : '';
    }

    /** @return array{BigRational, int}|null `3/4`, `¾` */
    private static function fraction(Reading $r, int $at): ?array
    {
        $token = $r->tokens[$at] ?? null;
        if ($token === null) {
            return null;
        }
        if (preg_match(self::VULGAR, $token->text) === 1) {
            return [KitchenNotation::read($token->text), $at + 1];
        }
        $below = $r->tokens[$at + 2] ?? null;
        if (preg_match('~^\d{1,3}$~', self::written($r, $at)) === 1 && in_array($r->word($at + 1), ['/', "\u{2044}", "\u{2215}"], true)
            && $below !== null && preg_match('~^\d{1,3}$~', $below->text) === 1 && (int) $below->text > 0) {
            return [BigRational::of(self::written($r, $at))->dividedBy((int) $below->text)->simplified(), $at + 3];
        }

        return null;
    }

    /**
     * @param  callable(int): bool  $isUnit
     * @return array{BigRational, int}|null
     */
    private static function words(Reading $r, int $at, callable $isUnit): ?array
    {
        $fraction = self::wordFraction($r, $at);
        if ($fraction !== null) {
            // `half a cup`, `a quarter of a teaspoon`
            $next = $fraction[1];
            $of = in_array($r->word($next), $r->words->of, true) ? 1 : 0;
            $next += in_array($r->word($next + $of), $r->words->a, true) ? $of + 1 : 0;

            return [$fraction[0], $next];
        }
        $word = $r->word($at);
        if (in_array($word, ['a', 'an'], true)) {
            return $isUnit($at + 1) ? [BigRational::one(), $at + 1] : null;
        }
        if (! isset($r->words->numbers[$word])) {
            return null;
        }
        [$whole, $at] = self::wholeWords($r, $at);
        $number = BigRational::of($whole);
        if (in_array($r->word($at + 1), ['and', '&'], true)) {
            $rest = self::wordFraction($r, $at + 2) ?? self::fraction($r, $at + 2);
            if ($rest !== null) {
                return [$number->plus($rest[0]), $rest[1]];
            }
        }

        return [$number, $at + 1];
    }

    /** @return array{int, int} `twenty-five`, `doscientos cincuenta`, `setenta y cinco`: the number, and its last word */
    private static function wholeWords(Reading $r, int $at): array
    {
        $sum = $last = (int) $r->words->numbers[$r->word($at)];
        while ($last >= 20) {
            $gap = $last < 100 && in_array($r->word($at + 1), ['and', '-'], true) ? 1 : 0;
            $next = (int) ($r->words->numbers[$r->word($at + 1 + $gap)] ?? 0);
            if ($next === 0 || $next >= ($last < 100 ? 10 : 100) || ($last < 100 && $gap === 0)) {
                break;
            }
            [$sum, $last, $at] = [$sum + $next, $next, $at + 1 + $gap];
        }

        return [$sum, $at];
    }

    /** @return array{BigRational, int}|null `half`, `a half`, `one-half`, `three quarters` */
    public static function wordFraction(Reading $r, int $at): ?array
    {
        $top = 1;
        $word = $r->word($at);
        if (in_array($word, ['a', 'an'], true) || isset($r->words->numbers[$word])) {
            $top = (int) ($r->words->numbers[$word] ?? 1);
            $at++;
            if ($r->word($at) === '-') {
                $at++;
            }
        }
        $parts = $r->words->parts[$r->word($at)] ?? null;

        return $parts === null || $top >= $parts ? null : [BigRational::of($top)->dividedBy($parts)->simplified(), $at + 1];
    }
}
