<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Technique\Technique;

/** The planner's answer. */
final readonly class Plans
{
    /**
     * @param  list<ToolPlan>  $plans  best first
     * @param  list<Advice>  $advice
     * @param  float  $weighG  the grams to weigh instead
     */
    public function __construct(public array $plans, public Technique $technique, public array $advice, public float $weighG)
    {
    }

    public function best(): ?ToolPlan
    {
        return $this->plans[0] ?? null;
    }
}
