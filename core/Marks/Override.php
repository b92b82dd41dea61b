<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Points that the teacher gives instead of those worked out, and why. Both figures are kept. */
final readonly class Override
{
    private const LONGEST = 200;

    private const SHORTEST = 3;

    private function __construct(public int $points, public string $reason)
    {
    }

    /**
     * @param  int  $most  points that the criterion has
     *
     * @throws InvalidInput when there are more points than the criterion has, or no reason
     */
    public static function of(int $most, int $points, string $reason, string $path = 'overrides.'): self
    {
        if ($points < 0 || $points > $most) {
            throw InvalidInput::because($path.'points', Phrase::of('refusal.range', ['least' => 0, 'most' => $most]));
        }
        $reason = trim($reason);
        if (! mb_check_encoding($reason, 'UTF-8') || mb_strlen($reason) > self::LONGEST) {
            throw InvalidInput::because($path.'reason', Phrase::of('refusal.letters', ['most' => self::LONGEST]));
        }
        if (mb_strlen($reason) < self::SHORTEST) {
            throw InvalidInput::because($path.'reason', Phrase::of('refusal.mark-reason'));
        }

        return new self($points, $reason);
    }

    /** @return array{points: int, reason: string} to be stored */
    public function toArray(): array
    {
        return ['points' => $this->points, 'reason' => $this->reason];
    }
}
