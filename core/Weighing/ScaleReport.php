<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/**
 * What a scale on the cable sends: five bytes by the USB HID usage tables for weighing devices (usage page 0x8D): status, unit, a power of
 * ten, and a count of it, low byte first. A weight counts as read from a scale only with the bytes that it came in.
 */
final readonly class ScaleReport
{
    private const STABLE = 4;

    /** g, by the unit's number in the usage page: mg, g, kg, ounce, pound. */
    private const GRAMS = [1 => 0.001, 2 => 1.0, 3 => 1000.0, 11 => 28.349523125, 12 => 453.59237];

    private const DIGITS = 6;

    private function __construct(public float $grams)
    {
    }

    /**
     * @param  string  $hex  the report's bytes, two figures each
     * @return self|null null where they are no standing weight
     */
    public static function read(string $hex): ?self
    {
        if (preg_match('~^([0-9a-f]{2}){5,8}$~D', $hex) !== 1) {
            return null;
        }
        [$status, $unit, $power, $low, $high] = array_map(static fn (string $byte): int => (int) hexdec($byte), str_split($hex, 2));
        if ($status !== self::STABLE || ! isset(self::GRAMS[$unit])) {
            return null;
        }
        $exponent = $power > 127 ? $power - 256 : $power;
        if ($exponent < -6 || $exponent > 6) {
            return null;
        }

        return new self(round(($low + 256 * $high) * 10 ** $exponent * self::GRAMS[$unit], self::DIGITS));
    }

    /** Whether this is that number of grams, as it was taken over. */
    public function shows(float $grams): bool
    {
        return abs($this->grams - $grams) < 10 ** -self::DIGITS;
    }
}
