<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\ImportRoster;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\RosterRequest;
use App\Http\Views\Classes\RosterPreview;
use App\Live\Live;
use App\Models\Section;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;

final class RosterController extends Controller
{
    /** Look at a roster, or take it in: without a fault, all of it. */
    public function store(
        RosterRequest $request, Section $section, ImportRoster $importing, #[CurrentUser('teacher')] Teacher $teacher,
    ): RosterPreview {
        if ($request->boolean('look')) {
            return $importing->preview($section, $request->text(), $request->isFirstOnly());
        }
        $taken = $importing->import($section, $request->text(), $request->isFirstOnly());
        Live::tellSeats($section);
        AdultLog::tell($teacher, Act::TookInRoster, ['class' => $section->name]);

        return $taken;
    }
}
