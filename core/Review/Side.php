<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

/** Which way a class goes wrong with a family of foods. */
enum Side: string
{
    case Over = 'over';
    case Under = 'under';

    /** Both, by turns. */
    case Both = 'both';

    public static function of(ReadsAs $reads): self
    {
        return match (true) {
            $reads->habit === Habit::Scattered => self::Both,
            $reads->pct < 0 => self::Under,
            default => self::Over,
        };
    }
}
