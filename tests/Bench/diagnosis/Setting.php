<?php

declare(strict_types=1);

namespace Hovik\Tests\Bench\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;

/** One line at one station, as the made-up kitchen knows it. */
final class Setting
{
    /** @var array<string, list<array{float, float, float, string}>> mixtures worked out before */
    public array $parts = [];

    /**
     * @param  non-empty-list<Fill>  $fills
     * @param  list<Tool>  $drawer
     * @param  list<string>  $steps
     * @param  list<float>  $others  g
     */
    public function __construct(
        public readonly Pantry $pantry, public readonly Ingredient $ingredient, public readonly string $amount,
        public readonly string $unit, public readonly array $fills,
        public readonly string $handling, public readonly ?string $method, public readonly array $drawer,
        public readonly array $steps, public readonly float $targetG,
        public readonly float $step, public readonly ?float $containerG, public readonly float $factor, public readonly array $others,
    ) {
    }

    public function count(): int
    {
        return array_sum(array_map(static fn (Fill $fill): int => $fill->count, $this->fills));
    }

    public function isRead(): bool
    {
        return count($this->fills) === 1
                && $this->fills[0]->toMark !== null
                && $this->fills[0]->tool->diameterMm !== null
                && $this->ingredient->family->isPoured();
    }

    /** The pantry's factor of a handling; 0 where it makes no sense. */
    public function factor(string $handling): float
    {
        return $this->pantry->handlingFactor($this->ingredient, Handling::from($handling))?->mean->toFloat() ?? 0.0;
    }

    public function perMl(): float
    {
        return ($this->ingredient->gramsPerUsCup?->toFloat() ?? 0.0) / 236.588;
    }

    public function perMlIn(Fill $fill): float
    {
        $ml = $fill->toMark->about ?? $fill->tool->aboutMl;
        $base = $ml < 20.01
                && $this->ingredient->gramsPerTsp !== null ? $this->ingredient->gramsPerTsp->toFloat() / 4.92892 : $this->perMl();

        return $base * $this->factor($this->handling) * $this->drift();
    }

    /** @param  list<Fill>  $fills */
    public function grams(array $fills): float
    {
        return array_sum(
            array_map(
                fn (Fill $fill): float => $fill->count * ($fill->toMark->about ?? $fill->tool->aboutMl) * $this->perMlIn($fill),
                $fills,
            ),
        );
    }

    /**
     * Relative spread of tidy work: wider fills, narrower tools than the model's.
     *
     * @param  list<Fill>  $fills
     */
    public function noise(array $fills): float
    {
        $total = 0.0;
        $square = 0.0;
        foreach ($fills as $fill) {
            $ml = $fill->toMark->about ?? $fill->tool->aboutMl;
            $one = $fill->toMark !== null && $fill->tool->diameterMm !== null
                ? 0.9 * M_PI / 4 * $fill->tool->diameterMm ** 2 / 1000 / $ml
                : 1.2 * $this->ingredient->cvFill * (250 / $ml) ** 0.36;
            $total += $fill->count * $ml;
            $square += $fill->count * ($ml * $one) ** 2;
        }

        return sqrt($square / $total ** 2 + (0.8 * $this->ingredient->cvBatch) ** 2 + (0.75 * $fills[0]->tool->tolerance / sqrt(3)) ** 2);
    }

    /** This kitchen's package against the book: a fixed drift of each food, known here and to nobody else. */
    private function drift(): float
    {
        return 1 + 0.7 * $this->ingredient->cvBatch * (crc32($this->ingredient->id) % 2001 / 1000 - 1);
    }
}
