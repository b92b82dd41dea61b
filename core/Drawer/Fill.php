<?php

declare(strict_types=1);

namespace Hovik\Core\Drawer;

use Brick\Math\BigRational;
use Hovik\Core\JsonInput;

/** One tool filled one or more times, to its rim or to a mark. */
final readonly class Fill
{
    public function __construct(public Tool $tool, public int $count, public ?Mark $toMark = null)
    {
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return ['tool' => $this->tool->toArray(), 'count' => $this->count, 'to_mark' => $this->toMark?->toArray()];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            Tool::fromArray($stored->object('tool')),
            $stored->whole('count'),
            $stored->has('to_mark') ? Mark::fromArray($stored->object('to_mark')) : null,
        );
    }

    /** Nominal mL of one of these fills, exact. */
    public function eachMl(): BigRational
    {
        return $this->toMark->ml ?? $this->tool->nominalMl;
    }

    /** True volume over nominal: that of its line where this was checked, else of the tool; 1 until anything was. */
    public function bias(): float
    {
        return $this->toMark?->trueMl === null ? $this->tool->bias() : $this->toMark->trueMl / $this->toMark->about;
    }

    public function isChecked(): bool
    {
        return $this->tool->trueMl !== null || $this->toMark?->trueMl !== null;
    }

    /** Relative standard uncertainty of its volume, common to all fills of this tool. */
    public function relativeUncertainty(): float
    {
        return $this->toMark?->trueMl === null ? $this->tool->relativeUncertainty() : $this->toMark->trueU ?? Tool::CHECKED_U;
    }

    /** Nominal mL of all of them, exact. */
    public function totalMl(): BigRational
    {
        return $this->eachMl()->multipliedBy($this->count);
    }
}
