<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** A verdict and all that it rests on. Grams throughout. */
final readonly class Judgement
{
    public function __construct(
        public Verdict $verdict,
        public Target $target,
        public ScaleReading $reading,
        public float $errorG,
        public float $errorPct,
        public float $uncertaintyG,
        public ScaleFitness $fitness,
        public ?TechniqueError $technique,
    ) {
    }

    /** @return array{float, float} the Level band, g */
    public function band(): array
    {
        $tolerance = $this->target->toleranceG();

        return [$this->target->grams - $tolerance, $this->target->grams + $tolerance];
    }
}
