<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\Weighing\Verdict;

/** Why a line is open at the teacher's check, the first to look at first (the craft's page, section 11). */
enum GateWhy: string
{
    /** Something fell into the food. */
    case Foreign = 'foreign';
    case Miss = 'miss';
    case TooClose = 'too-close';
    /** Level, on a scale that nobody checked today. */
    case Unchecked = 'unchecked';
    /** Level, on the practice scale. */
    case Practice = 'practice';
    case NotWeighed = 'not-weighed';
    /** The station measures it again already. */
    case SentBack = 'sent-back';

    /** @param  Verdict|null  $verdict  of the weighing that counts; null: none */
    public static function of(?Verdict $verdict, bool $isChecked, bool $isPractice, bool $isForeign, bool $isSentBack): ?self
    {
        return match (true) {
            $isForeign => self::Foreign,
            $isSentBack => self::SentBack,
            $verdict === null => self::NotWeighed,
            $verdict === Verdict::Heaped || $verdict === Verdict::Shy => self::Miss,
            $verdict === Verdict::TooClose => self::TooClose,
            $isPractice => self::Practice,
            ! $isChecked => self::Unchecked,
            default => null,
        };
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Whether the dough has it wrong, or not at all, if they mix now. */
    public function isOpen(): bool
    {
        return $this === self::Foreign || $this === self::Miss || $this === self::NotWeighed;
    }
}
