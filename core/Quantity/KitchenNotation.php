<?php

declare(strict_types=1);

namespace Hovik\Core\Quantity;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Numbers as kitchens write them, `1 3/4`, to exact rationals and back. */
final class KitchenNotation
{
    private const VULGAR = [
        '¼' => '1/4', '½' => '1/2', '¾' => '3/4', '⅓' => '1/3', '⅔' => '2/3', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5',
        '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6', '⅐' => '1/7', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
        '⅑' => '1/9', '⅒' => '1/10',
    ];

    /** Longest text read, so that nobody makes us build a number of a million digits. */
    private const LONGEST = 40;

    /**
     * Reads `2`, `1.625`, `1,5`, `13/8`, `1 5/8`, `1-5/8`, `1 ⅝`, `1⅝`, `⅝`, with U+2044 or U+2215 for the slash too.
     *
     * @throws InvalidInput when it is no number, or below zero
     */
    public static function read(string $text, string $field = 'amount'): BigRational
    {
        $plain = trim(
            strtr(
                $text,
                ["\u{2044}" => '/', "\u{2215}" => '/', "\u{00A0}" => ' ', "\u{2009}" => ' ', "\u{200A}" => ' ', "\u{202F}" => ' '],
            ),
        );
        if ($plain === '') {
            throw InvalidInput::because($field, Phrase::of('refusal.say-how-much'));
        }
        if (strlen($plain) > self::LONGEST) {
            throw InvalidInput::because($field, Phrase::of('refusal.number-too-long'));
        }
        foreach (self::VULGAR as $sign => $fraction) {
            if (str_ends_with($plain, $sign)) {
                $plain = trim(substr($plain, 0, -strlen($sign)).' '.$fraction);
                break;
            }
        }
        if (preg_match('~^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*/\s*(\d+)$~', $plain, $m) === 1) {
            if (ltrim($m[3], '0') === '') {
                throw InvalidInput::because($field, Phrase::of('refusal.divides-by-zero', ['text' => $text]));
            }

            return BigRational::of($m[2].'/'.$m[3])->plus($m[1] === '' ? 0 : $m[1]);
        }
        if (preg_match('~^(?:\d+(?:[.,]\d+)?|[.,]\d+)$~', $plain) === 1) {
            $decimal = str_replace(',', '.', $plain);

            return BigRational::of(str_starts_with($decimal, '.') ? "0$decimal" : $decimal);
        }

        throw InvalidInput::because($field, Phrase::of(
            str_starts_with($plain, '-') || str_starts_with($plain, "\u{2212}") ? 'refusal.amount-below-zero' : 'refusal.no-amount',
            ['text' => $text],
        ));
    }

    /** Writes a rational as a mixed number in lowest terms: `0`, `3`, `5/8`, `1 5/8`; `-1 5/8` below zero. */
    public static function write(BigRational $number): string
    {
        $number = $number->simplified();
        $top = $number->getNumerator();
        $bottom = $number->getDenominator();
        $sign = $top->isNegative() ? '-' : '';
        [$whole, $rest] = $top->abs()->quotientAndRemainder($bottom);
        if ($rest->isZero()) {
            return $sign.$whole;
        }

        return $sign.($whole->isZero() ? '' : "$whole ")."$rest/$bottom";
    }

    /** True when a cook can write it: a whole number, or a fraction with a denominator kitchens use. */
    public static function isKitchenFraction(BigRational $number): bool
    {
        return in_array((string) $number->simplified()->getDenominator(), ['1', '2', '3', '4', '8'], true);
    }

    /** The nearest whole multiple of 1/$parts, half up. */
    public static function nearest(BigRational $number, int $parts): BigRational
    {
        $scaled = $number->multipliedBy($parts)->plus(BigRational::of('1/2'));
        $floor = $scaled->getNumerator()->quotient($scaled->getDenominator());
        if ($scaled->isNegative() && ! $floor->multipliedBy($scaled->getDenominator())->isEqualTo($scaled->getNumerator())) {
            $floor = $floor->minus(BigInteger::one());
        }

        return BigRational::of($floor)->dividedBy($parts)->simplified();
    }
}
