<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Words\Phrase;

/** Whether first tries come nearer over a term: the earlier half of them against the later. */
final readonly class Growth
{
    /** With fewer a half says nothing. */
    private const LEAST = 6;

    /** Nearer, or farther, by so much of what it was is worth telling; and by so many tolerances. */
    private const TOLD = 0.25;

    private const TOLERANCES = 0.2;

    private const FAR = 4.0;

    /** @param  float  $earlier  tolerances off on average, either way */
    private function __construct(public float $earlier, public float $later)
    {
    }

    /**
     * @param  list<TermWeighing>  $first  tries, oldest first
     * @return self|null null where there are too few
     */
    public static function of(array $first): ?self
    {
        if (count($first) < self::LEAST) {
            return null;
        }
        $half = intdiv(count($first), 2);

        return new self(self::off(array_slice($first, 0, $half)), self::off(array_slice($first, -$half)));
    }

    /** @return Phrase|null null where it is about the same */
    public function said(): ?Phrase
    {
        $change = $this->earlier - $this->later;
        if (abs($change) < max(self::TOLERANCES, self::TOLD * $this->earlier)) {
            return null;
        }

        return Phrase::of($change > 0 ? 'growth.nearer' : 'growth.farther', [
            'earlier' => round($this->earlier, 1), 'later' => round($this->later, 1),
        ]);
    }

    /**
     * @param  list<TermWeighing>  $of
     * @return float tolerances off on average; one that is very far says no more than one that is far
     */
    private static function off(array $of): float
    {
        return array_sum(array_map(
            static fn (TermWeighing $one): float => min(abs($one->inTolerances()), self::FAR), $of,
        )) / count($of);
    }
}
