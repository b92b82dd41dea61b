<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\JsonInput;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Weighing\CarefulShare;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;

/** How often careful work on a line would be Level on the class's best scale, and what would help where that is too seldom. */
final readonly class CarefulWork
{
    /** g. A scale as fine as a school may buy. */
    private const FINE = 0.01;

    /** Widest tolerance offered, per cent. */
    private const WIDEST = 30.0;

    /**
     * @param  int  $times  of 100
     * @param  Remedy|null  $remedy  null where it is often enough
     * @param  int|null  $count  of level measures to weigh together
     * @param  float|null  $percent  the tolerance that would do
     */
    private function __construct(public int $times, public ?Remedy $remedy, public ?int $count, public ?float $percent)
    {
    }

    /**
     * @param  array<string, Scale>  $scales
     * @return self|null  null where there is nothing to measure with, or no scale
     */
    public static function of(PlannedLine $line, array $scales): ?self
    {
        $plan = $line->plans->best();
        if ($plan === null || $scales === [] || $line->mode === MeasuringMode::Volume) {
            return null;
        }
        $target = $line->target();
        $u = static fn (Scale $scale): float => ScaleReading::of($target->grams, $scale)->uncertainty();
        $finest = min(array_map($u, $scales));
        $share = static fn (float $spread, float $scaleU, Target $of): float => CarefulShare::of($of, $plan->meanG, $spread, $scaleU);
        $now = $share($plan->uG, $finest, $target);
        if ($now >= CarefulShare::ENOUGH) {
            return new self((int) floor(100 * $now), null, null, null);
        }
        $fine = min($finest, $u(new Scale(self::FINE)));
        $batch = $plan->meanG * $line->ingredient->cvBatch;
        $own = sqrt(max(0.0, $plan->uG ** 2 - $batch ** 2));
        $together = ScaleFitness::at($finest, $target)->weighTogether;
        $isOneSpoon = $plan->fillCount() === 1 && $line->amount->unit->dimension() === Dimension::Volume;
        $widest = self::widest($target, static fn (Target $of): float => $share($plan->uG, $finest, $of));
        $remedy = match (true) {
            $together !== null && $isOneSpoon && $together <= ScaleFitness::MOST_TOGETHER => Remedy::Together,
            $share($plan->uG, $fine, $target) >= CarefulShare::ENOUGH => Remedy::FinerScale,
            ! $line->ingredient->family->isPoured() && $share($own, $finest, $target) >= CarefulShare::ENOUGH => Remedy::OwnCup,
            $line->ingredient->family->isPoured() && $widest === null => Remedy::NarrowerVessel,
            default => Remedy::WiderTolerance,
        };

        return new self(
            (int) floor(100 * $now), $remedy, $remedy === Remedy::Together ? $together : null,
            $remedy === Remedy::WiderTolerance ? $widest : null,
        );
    }

    public function isEnough(): bool
    {
        return $this->remedy === null;
    }

    /** @return array{times: int, remedy: string|null, count: int|null, percent: float|null} to be stored */
    public function toArray(): array
    {
        return ['times' => $this->times, 'remedy' => $this->remedy?->value, 'count' => $this->count, 'percent' => $this->percent];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self(
            $stored->whole('times'), $stored->has('remedy') ? $stored->enum('remedy', Remedy::class) : null,
            $stored->has('count') ? $stored->whole('count') : null, $stored->has('percent') ? $stored->number('percent') : null,
        );
    }

    /**
     * The smallest whole percentage at which careful work is Level often enough; null where none is small enough to be worth judging.
     *
     * @param  callable(Target): float  $share
     */
    private static function widest(Target $target, callable $share): ?float
    {
        for ($percent = ceil($target->tolerance->percent); $percent <= self::WIDEST; $percent++) {
            $tolerance = Tolerance::of($percent, $target->tolerance->floorG);
            if ($share(Target::of($target->grams, $tolerance)) >= CarefulShare::ENOUGH) {
                return $percent;
            }
        }

        return null;
    }
}
