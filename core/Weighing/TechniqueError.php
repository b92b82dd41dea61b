<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\JsonInput;

/** The same reading against what good technique gives with this very tool: a big cup is not the student's fault. */
final readonly class TechniqueError
{
    public function __construct(public float $expectedG, public float $errorG, public float $errorPct, public Verdict $verdict)
    {
    }

    /** @return array{expected_g: float, error_g: float, error_pct: float, verdict: string} to be stored */
    public function toArray(): array
    {
        return [
            'expected_g' => $this->expectedG, 'error_g' => $this->errorG, 'error_pct' => $this->errorPct,
            'verdict' => $this->verdict->value,
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->number('expected_g'), $stored->number('error_g'), $stored->number('error_pct'),
            $stored->enum('verdict', Verdict::class),
        );
    }
}
