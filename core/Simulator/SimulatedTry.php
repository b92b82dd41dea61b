<?php

declare(strict_types=1);

namespace Hovik\Core\Simulator;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\Weighing\Chance;
use Hovik\Core\Weighing\Verdict;

/** Something tried in the simulator: a food measured one way, and what is done on the drawn scale. */
final readonly class SimulatedTry
{
    /**
     * @param  float  $bowlG  g of the bowl that may stand on the scale
     * @param  list<string>  $actions  on the scale, in order
     * @param  bool  $isChecked  somebody wrote the number down and wants its verdict
     * @param  Verdict|null  $predicted  before it was weighed
     */
    public function __construct(
        public Simulator $simulator,
        public HandlingChoices $hands,
        public Scale $scale,
        public float $bowlG,
        public array $actions,
        public int $seed,
        public bool $isChecked,
        public ?Verdict $predicted,
    ) {
    }

    /** The scale after all of it. */
    public function shown(): DrawnScale
    {
        return DrawnScale::after($this->actions, $this->scale, $this->bowlG, $this->simulator->draw($this->hands, new Chance($this->seed)));
    }
}
