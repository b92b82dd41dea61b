<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;

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

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'sources' => array_column($this->sources, 'value'), 'id' => $this->id, 'family' => $this->family, 'share' => $this->share,
            'error' => $this->error, 'target_g' => $this->targetG, 'n' => $this->n, 'within' => $this->within,
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $sources = array_map(Source::from(...), $stored->texts('sources'));

        return new self(
            $sources === [] ? $stored->refuse('sources') : $sources, $stored->text('id'), $stored->text('family'), $stored->number('share'),
            $stored->number('error'), $stored->number('target_g'), $stored->whole('n'), $stored->number('within'),
        );
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

    /** @return array{float, float} g at its usual target, 95 % */
    public function gramsInterval(): array
    {
        return array_map(fn (float $pct): float => $pct / 100 * $this->targetG, $this->interval());
    }

    /** g at its usual target. */
    public function grams(): float
    {
        return $this->percent() / 100 * $this->targetG;
    }

    /** How surely it is there: above 1 its interval keeps to one side. */
    public function sureness(): float
    {
        return $this->error > 0 ? abs($this->share) / ($this->within * $this->error) : 0.0;
    }

    /** Whether it is surely there: its interval keeps to one side. */
    public function isTold(): bool
    {
        return abs($this->share) > $this->within * $this->error;
    }
}
