<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** The fixed blocks of a period, with the seconds they usually take (the craft's page, section 11). Words: `period.ID`. */
enum Fixed: string
{
    case SetUp = 'set-up';
    case Safety = 'safety';
    case Demonstration = 'demonstration';
    /** By the teacher, one station after the other, as each has measured everything. */
    case Check = 'check';
    /** At each station, after its check. */
    case Mixing = 'mixing';
    /** At each station, where the lab goes on in another period: what is measured is covered, labelled and stored. */
    case PutAway = 'put-away';
    case CleanUp = 'clean-up';

    /** At a station once it has measured everything, in this order. */
    public const AFTER = [self::Check, self::PutAway, self::Mixing];

    public const A_MINUTE_S = 60;

    /** s */
    public static function seconds(float $minutes): int
    {
        return (int) round($minutes * self::A_MINUTE_S);
    }

    /** To a tenth. */
    public static function minutes(int $seconds): float
    {
        return round($seconds / self::A_MINUTE_S, 1);
    }

    /** @throws InvalidInput */
    public static function named(string $id, string $field): self
    {
        return self::tryFrom($id)
                ?? throw InvalidInput::because(
                    $field, Phrase::of('refusal.one-of', ['known' => implode(', ', array_column(self::cases(), 'value'))]),
                );
    }

    public function usualS(): int
    {
        return match ($this) {
            self::SetUp, self::Demonstration => 300,
            self::Safety => 0, // part of setting up, unless it is given time of its own
            self::Check => 60,
            self::PutAway => 180,
            self::Mixing => 300,
            self::CleanUp => 420,
        };
    }

    public function isBefore(): bool
    {
        return $this === self::SetUp || $this === self::Safety || $this === self::Demonstration;
    }
}
