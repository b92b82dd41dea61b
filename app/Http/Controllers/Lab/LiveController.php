<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Models\Lab;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** nginx asks here once whether a subscriber may listen to a lab, a station or a class. Not part of the API that browsers call. */
final class LiveController extends Controller
{
    public function show(Lab $lab): Response
    {
        return response()->noContent();
    }

    /** A station's tablet, and its students, hear of their own station and of their class: while no lab is open, too. */
    public function station(Request $request, Section $section, int $station): Response
    {
        $actor = $request->user();
        $own = $actor instanceof Station ? $actor->id : ($actor instanceof Student ? $actor->station_id : null);
        abort_unless($own === $station && $actor->section_id === $section->id, 403);

        return response()->noContent();
    }

    /** A class's teacher and its students hear of what is asked of the whole class. */
    public function section(Section $section): Response
    {
        return response()->noContent();
    }
}
