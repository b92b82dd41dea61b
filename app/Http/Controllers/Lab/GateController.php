<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Views\Lab\GateLook;
use App\Models\Lab;
use App\Models\Station;
use App\Weighings\Diagnose;

final class GateController extends Controller
{
    /** A station before it mixes: what wants a look first, and what mixing now would mean. */
    public function show(Lab $lab, Station $station, Diagnose $diagnosing): GateLook
    {
        abort_unless($station->section_id === $lab->section_id && $lab->state->isFrozen(), 404);

        return GateLook::of($lab, $station, $diagnosing);
    }
}
