<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Hovik\Core\Technique\Technique;
use Hovik\Core\Words\Phrase;

/** The planner's answer. */
final readonly class Plans
{
    /**
     * @param  list<ToolPlan>  $plans  best first
     * @param  list<Advice>  $advice
     * @param  float  $weighG  the grams to weigh instead
     * @param  list<Phrase>  $notes  why it is no other: for the teacher
     */
    public function __construct(
        public array $plans, public Technique $technique, public array $advice, public float $weighG, public array $notes = [],
    ) {
    }

    public function best(): ?ToolPlan
    {
        return $this->plans[0] ?? null;
    }
}
