<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

/** A range of whole numbers, both ends in it, and what it is worth. */
final readonly class Band
{
    /**
     * @param  int|null  $to  null: and everything above
     * @param  int  $score  % of the criterion's points, 0 to 100
     */
    public function __construct(public int $from, public ?int $to, public int $score)
    {
    }

    public function holds(int $value): bool
    {
        return $value >= $this->from && ($this->to === null || $value <= $this->to);
    }

    /** @return array{from: int, to: int|null, score: int} to be stored */
    public function toArray(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'score' => $this->score];
    }
}
