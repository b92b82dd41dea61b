<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** The same reading against what good technique gives with this very tool: a big cup is not the student's fault. */
final readonly class TechniqueError
{
    public function __construct(public float $expectedG, public float $errorG, public float $errorPct, public Verdict $verdict)
    {
    }
}
