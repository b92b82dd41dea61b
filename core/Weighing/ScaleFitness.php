<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Scale;

/** Whether a scale can judge a target at all, told before anybody weighs. */
final readonly class ScaleFitness
{
    /** More spoonfuls than this and a finer scale is the better advice. */
    public const MOST_TOGETHER = 12;

    /**
     * @param  float  $uncertaintyG  U at the target, g
     * @param  bool  $fit  U is at most a third of the tolerance's percentage part
     * @param  int|null  $weighTogether  how many level measures to weigh as one instead; null when fit
     */
    private function __construct(public float $uncertaintyG, public bool $fit, public ?int $weighTogether)
    {
    }

    public static function of(Scale $scale, Target $target): self
    {
        return self::at(ScaleReading::of($target->grams, $scale)->uncertainty(), $target);
    }

    /** For a reading already taken: U as it is at that weight. */
    public static function at(float $uncertaintyG, Target $target): self
    {
        $byPercent = $target->tolerance->byPercent($target->grams);
        $fit = $uncertaintyG <= $byPercent / 3 + 1e-9;

        return new self($uncertaintyG, $fit, $fit ? null : (int) ceil(3 * $uncertaintyG / $byPercent - 1e-9));
    }

    /** As it was found once. */
    public static function known(float $uncertaintyG, bool $fit, ?int $weighTogether): self
    {
        return new self($uncertaintyG, $fit, $weighTogether);
    }

    public function needsFinerScale(): bool
    {
        return $this->weighTogether !== null && $this->weighTogether > self::MOST_TOGETHER;
    }
}
