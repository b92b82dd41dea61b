<?php

declare(strict_types=1);

namespace App\Http\Controllers\Simulator;

use App\Http\Controllers\Controller;
use App\Http\Requests\Simulator\SimulatorRequest;
use App\Http\Views\Simulator\SimulatorOptions;

/** Everything is worked out from what is sent, and nothing is stored. For anybody who is signed in. */
final class SimulatorController extends Controller
{
    /** What can be chosen for a food and an amount. */
    public function show(SimulatorRequest $request): SimulatorOptions
    {
        return SimulatorOptions::of($request->simulator());
    }
}
