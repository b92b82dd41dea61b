<?php

declare(strict_types=1);

namespace App\Http\Controllers\Simulator;

use App\Http\Controllers\Controller;
use App\Http\Requests\Simulator\SimulatedTryRequest;
use App\Http\Views\Simulator\SimulatedTwoWays;
use Hovik\Core\Simulator\TwoWays;

final class SimulatedComparisonController extends Controller
{
    /** The same food two ways, many times. */
    public function store(SimulatedTryRequest $request): SimulatedTwoWays
    {
        $try = $request->given();

        return SimulatedTwoWays::of(
            $try->simulator,
            TwoWays::of($try->simulator, $try->hands, $request->other($try), $try->scale, $request->integer('draws', 200), $try->seed),
        );
    }
}
