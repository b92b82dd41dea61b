<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Weighing\Judgement;

/**
 * What one weighing says of the hand that measured it: what bag and tool are surely known to add is taken off. Shares are ln of a weight
 * over its target, so that they add up.
 */
final readonly class TermWeighing
{
    /** Relative standard uncertainty of one careful try where no plan says it: food that is weighed out. */
    private const CAREFUL = 0.01;

    /**
     * @param  float  $share  ln(grams/target), known effects taken off; 0 is on the target
     * @param  float  $careful  standard deviation of careful tries of one hand, as a share: fills and scale, not what all have in common
     * @param  float  $tolerance  T over the target
     */
    public function __construct(public float $share, public float $careful, public float $tolerance)
    {
    }

    /** @param  float  $known  what is surely known of its bag and tools, as a factor of its weight */
    public static function of(Judgement $judgement, FrozenLine $line, float $known): self
    {
        $target = $judgement->target;

        return new self(
            log(max($judgement->reading->trueGrams(), 0.001) / ($target->grams * $known)),
            hypot(self::ofFills($line), $judgement->uncertaintyG / 2 / $target->grams),
            $target->toleranceG() / $target->grams,
        );
    }

    /** As it was kept. @param  float  $known  what bag and tool add, as a factor */
    public static function known(float $share, float $known, float $careful, float $tolerance): self
    {
        return new self($share - log($known), $careful, $tolerance);
    }

    /** @param  float  $share  of it that is bag's or tool's */
    public function without(float $share): self
    {
        return new self($this->share - $share, $this->careful, $this->tolerance);
    }

    /** What bag and tool are known to add, g; null where it is next to nothing. */
    public static function knownG(float $targetG, float $known): ?float
    {
        return abs($known - 1) < 0.005 ? null : $targetG * ($known - 1);
    }

    /** How many tolerances it is off; signed. */
    public function inTolerances(): float
    {
        return $this->share / $this->tolerance;
    }

    /** Relative: what is left of a plan's uncertainty without the package's and the tools' sizes, which are the same every time. */
    private static function ofFills(FrozenLine $line): float
    {
        $plan = $line->way()->plan;
        if ($plan === null || $plan->meanG <= 0) {
            return self::CAREFUL;
        }
        $all = array_sum(array_map(static fn (Fill $fill): float => $fill->totalMl()->toFloat(), $plan->fills));
        $common = $line->food->ingredient->cvBatch ** 2;
        foreach ($plan->fills as $fill) {
            $common += ($fill->relativeUncertainty() * ($all > 0 ? $fill->totalMl()->toFloat() / $all : 0.0)) ** 2;
        }

        return max(self::CAREFUL, sqrt(max(0.0, ($plan->uG / $plan->meanG) ** 2 - $common)));
    }
}
