<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exchange\LabCalendar;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Models\Lab;

final class LabCalendarController extends Controller
{
    /** A lab's period for a calendar. */
    public function show(Lab $lab): FileAnswer
    {
        return new FileAnswer(LabCalendar::write($lab), $lab->title, 'ics', 'text/calendar; charset=utf-8');
    }
}
