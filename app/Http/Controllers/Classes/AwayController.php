<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\AwayRequest;
use App\Live\Live;
use App\Models\Section;
use App\Models\Student;
use Illuminate\Http\Response;

final class AwayController extends Controller
{
    /** A student is away today, or came after all. */
    public function update(AwayRequest $request, Section $section, Student $student): Response
    {
        $today = $section->today();
        $section->forgetWhoWasAway($today);
        $student->update(['away_on' => $request->boolean('away') ? $today : null]);
        Live::tellSeats($section);

        return response()->noContent();
    }
}
