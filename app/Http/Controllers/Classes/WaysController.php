<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\WaysRequest;
use App\Live\Live;
use App\Models\Section;
use App\Models\Student;
use Illuminate\Http\Response;

final class WaysController extends Controller
{
    /** Other ways that a student may go, without a reason. */
    public function update(WaysRequest $request, Section $section, Student $student): Response
    {
        $student->update(['ways' => $request->ways()]);
        Live::tellSeats($section);

        return response()->noContent();
    }
}
