<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

/** What one bag, tool, scale or hand adds to each weighing. */
final readonly class Effect
{
    /**
     * @param  non-empty-list<Source>  $sources  several where they never come apart
     * @param  string  $id  what it is called
     * @param  float  $share  logarithm of what it multiplies a weight by
     * @param  float  $error  standard error of that, the doubt of the variances with it
     * @param  float  $targetG  mean target of its weighings
     * @param  int  $n  weighings
     * @param  float  $within  standard errors to either side of it within which it is with 95 %: Student's t of what the weighings
     *   leave free
     */
    public function __construct(
        public array $sources, public string $id, public string $family, public float $share, public float $error, public float $targetG,
        public int $n, public float $within,
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
        $half = $this->within * $this->error;

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
        return abs($this->share) > $this->within * $this->error;
    }
}
