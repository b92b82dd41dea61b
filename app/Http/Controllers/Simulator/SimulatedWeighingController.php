<?php

declare(strict_types=1);

namespace App\Http\Controllers\Simulator;

use App\Http\Controllers\Controller;
use App\Http\Requests\Simulator\SimulatedTryRequest;
use App\Http\Views\Simulator\SimulatedWeighing;

final class SimulatedWeighingController extends Controller
{
    /** Measure once and work the scale; the verdict where it is asked for. */
    public function store(SimulatedTryRequest $request): SimulatedWeighing
    {
        $try = $request->given();

        return SimulatedWeighing::of($try, $try->shown());
    }
}
