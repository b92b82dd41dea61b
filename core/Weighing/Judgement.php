<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\JsonInput;

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
        return $this->target->band();
    }

    /** The error in tolerances: 1 is on the edge of the band. Signed. */
    public function inTolerances(): float
    {
        return $this->target->inTolerances($this->errorG);
    }

    /** @return array<string, mixed> to be stored with the weighing: it is shown from this, and never judged again */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict->value,
            'target' => $this->target->toArray(),
            'grams' => $this->reading->grams,
            'scale' => $this->reading->scale->toArray(),
            'error_g' => $this->errorG,
            'error_pct' => $this->errorPct,
            'uncertainty_g' => $this->uncertaintyG,
            'fit' => $this->fitness->fit,
            'weigh_together' => $this->fitness->weighTogether,
            'technique' => $this->technique?->toArray(),
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $judged): self
    {
        $uncertainty = $judged->number('uncertainty_g');

        return new self(
            $judged->enum('verdict', Verdict::class),
            Target::fromArray($judged->object('target')),
            ScaleReading::of($judged->number('grams'), Scale::fromArray($judged->object('scale'))),
            $judged->number('error_g'),
            $judged->number('error_pct'),
            $uncertainty,
            ScaleFitness::known(
                $uncertainty, $judged->flag('fit', true), $judged->has('weigh_together') ? $judged->whole('weigh_together') : null,
            ),
            $judged->has('technique') ? TechniqueError::fromArray($judged->object('technique')) : null,
        );
    }
}
