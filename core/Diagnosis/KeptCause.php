<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** A likely cause as it was told when somebody first asked, to be kept with the weighing. */
final readonly class KeptCause
{
    /**
     * @param  Cause|null  $with  the other of a pair
     * @param  float  $p  0 to 1
     * @param  float  $lowG  g, of the range it predicts
     * @param  Phrase|null  $way  which cup, which line, which salt
     * @param  bool  $isTicked  a step that keeps it from happening was ticked
     */
    public function __construct(
        public Cause $cause, public ?Cause $with, public float $p, public float $lowG, public float $highG, public ?Phrase $way,
        public bool $isTicked = false,
    ) {
    }

    public static function of(LikelyCause $likely): self
    {
        [$low, $high] = $likely->range();

        return new self($likely->cause, $likely->with, $likely->p, $low, $high, $likely->way(), $likely->isTicked);
    }

    public function said(): Phrase
    {
        return LikelyCause::sentence($this->cause, $this->with, $this->way);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'cause' => $this->cause->value,
            'with' => $this->with?->value,
            'p' => $this->p,
            'low' => $this->lowG,
            'high' => $this->highG,
            'way' => $this->way?->toArray(),
            'ticked' => $this->isTicked,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->enum('cause', Cause::class),
            $stored->has('with') ? $stored->enum('with', Cause::class) : null,
            $stored->number('p'),
            $stored->number('low'),
            $stored->number('high'),
            $stored->has('way') ? Phrase::fromArray($stored->listOrMap('way')) : null,
            $stored->flag('ticked', false),
        );
    }
}
