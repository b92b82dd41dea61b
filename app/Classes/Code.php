<?php

declare(strict_types=1);

namespace App\Classes;

/** Codes people read aloud and type: no letters or figures that look alike, nothing that spells a word by its vowels. */
final class Code
{
    private const SIGNS = 'BCDFGHJKMNPQRSTVWXZ';

    private const FIGURES = '23456789';

    /** Six letters, for a class. */
    public static function ofClass(): string
    {
        return self::draw(self::SIGNS, 6);
    }

    /** Five letters and three figures, for a station's card. */
    public static function ofStation(): string
    {
        return self::draw(self::SIGNS, 5).self::draw(self::FIGURES, 3);
    }

    /** Twelve signs, for a slip that lets somebody in once: in three groups, as people copy them. */
    public static function ofSlip(): string
    {
        return implode('-', str_split(self::draw(self::SIGNS.self::FIGURES, 12), 4));
    }

    /** A code as it is stored, however it was copied: `hjq shk`, `HJQ-SHK`. */
    public static function tidy(string $typed): string
    {
        return mb_strtoupper((string) preg_replace('/[\s-]+/u', '', $typed));
    }

    private static function draw(string $from, int $length): string
    {
        $code = '';
        for ($i = 0; $i < $length; $i++) {
            $code .= $from[random_int(0, strlen($from) - 1)];
        }

        return $code;
    }
}
