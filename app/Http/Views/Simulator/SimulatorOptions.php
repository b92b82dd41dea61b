<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Requests\Simulator\SimulatorRequest;
use App\Http\Views\View;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Weighing\Geometry;

/** What can be chosen, for this food and amount. */
final readonly class SimulatorOptions extends View
{
    /**
     * @param  list<SimulatorFood>  $ingredients
     * @param  list<SimulatorAmount>  $amounts
     * @param  list<SimulatorPlan>  $plans
     * @param  bool  $reads  there is a line to read
     * @param  bool  $empties  something stays behind where nobody scrapes
     * @param  list<SimulatorScale>  $scales
     */
    public function __construct(
        public array $ingredients,
        public array $amounts,
        public array $plans,
        public HandlingOffered $offered,
        public bool $reads,
        public bool $empties,
        public array $scales,
    ) {
    }

    /** Less than this share in the tool nobody would see. */
    private const SEEN = 0.008;

    private const MOST_PLANS = 4;

    public static function of(Simulator $simulator): self
    {
        $amounts = Simulator::amountsFor($simulator->ingredient);

        return new self(
            ingredients: SimulatorFood::all($simulator->pantry),
            amounts: array_values(
                array_filter(
                    array_map(static fn (array $one): ?SimulatorAmount => SimulatorAmount::of($simulator, $one[0], $one[1]), $amounts),
                ),
            ),
            plans: array_slice(SimulatorPlan::all($simulator), 0, self::MOST_PLANS),
            offered: HandlingOffered::of($simulator),
            reads: array_filter($simulator->plan->fills, Geometry::isRead(...)) !== [],
            empties: $simulator->ingredient->residue >= self::SEEN,
            scales: array_map(SimulatorScale::of(...), SimulatorRequest::SCALES),
        );
    }
}
