<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** One weighing, as far as it matters for a mark. */
final readonly class TryEvidence
{
    /**
     * @param  float  $grams  g
     * @param  float  $errorG  g over its target
     * @param  float  $toleranceG  T, g, above 0
     * @param  bool  $isCoached  measured after somebody said what to do better
     * @param  float  $known  what bag and tool are known to multiply a weight by: shown, and never counted
     */
    public function __construct(
        public Verdict $verdict, public float $grams, public float $errorG, public float $toleranceG, public bool $isCoached = false,
        public float $known = 1.0,
    ) {
        if (! is_finite($toleranceG) || $toleranceG <= 0) {
            throw InvalidInput::because('tolerance_g', Phrase::of('refusal.above-zero'));
        }
    }

    public static function of(Judgement $judgement, bool $isCoached, float $known): self
    {
        return new self(
            $judgement->verdict, $judgement->reading->grams, $judgement->errorG, $judgement->target->toleranceG(), $isCoached, $known,
        );
    }

    /**
     * How far off, whole % of the tolerance, any part up. What is Level, and what this scale cannot tell from it, is not off: nobody loses
     * a point to a scale. What is not is off by more than the tolerance.
     */
    public function offPct(): int
    {
        return match ($this->verdict) {
            Verdict::Level, Verdict::TooClose => 0,
            // A whisker, so that a float's last digit decides nothing.
            default => max(101, (int) ceil(100 * abs($this->errorG) / $this->toleranceG - 1e-9)),
        };
    }

    /** What bag and tool are known to add, g; null where it is next to nothing. */
    public function knownG(): ?float
    {
        return TermWeighing::knownG($this->grams / $this->known, $this->known);
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict->value, 'grams' => $this->grams, 'error_g' => $this->errorG, 'tolerance_g' => $this->toleranceG,
            'coached' => $this->isCoached, 'known' => $this->known,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $given): self
    {
        return new self(
            $given->enum('verdict', Verdict::class), $given->has('grams') ? $given->number('grams') : 0.0, $given->number('error_g'),
            $given->number('tolerance_g'), $given->flag('coached', false), $given->has('known') ? $given->number('known') : 1.0,
        );
    }
}
