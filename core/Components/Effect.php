<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

/** What one bag, tool, scale or hand adds to each weighing. */
final readonly class Effect
{
    /** Normal values within which 95 % lie. */
    private const WITHIN = 1.959963984540054;

    /**
     * @param  non-empty-list<Source>  $sources  several where they never come apart
     * @param  string  $id  what it is called
     * @param  float  $share  logarithm of what it multiplies a weight by
     * @param  float  $error  standard error of that, the doubt of the variances with it
     * @param  float  $targetG  mean target of its weighings
     * @param  int  $n  weighings
     */
    public function __construct(
        public array $sources, public string $id, public string $family, public float $share, public float $error, public float $targetG,
        public int $n,
    ) {
    }

    /** % of the target. */
    public function percent(): float
    {
        return 100 * (exp($this->share) - 1);
    }

    /** @return array{float, float} %, 95 % */
    public function interval(): array
    {
        $half = self::WITHIN * $this->error;

        return [100 * (exp($this->share - $half) - 1), 100 * (exp($this->share + $half) - 1)];
    }

    /** g at its usual target. */
    public function grams(): float
    {
        return $this->percent() / 100 * $this->targetG;
    }

    /** Whether it is surely there: its interval keeps to one side. */
    public function isTold(): bool
    {
        return abs($this->share) > self::WITHIN * $this->error;
    }
}
