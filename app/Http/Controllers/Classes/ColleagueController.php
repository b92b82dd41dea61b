<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ColleagueRequest;
use App\Models\Colleague;
use App\Models\Section;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class ColleagueController extends Controller
{
    /** A teacher of the same kitchen helps with this class. */
    public function store(ColleagueRequest $request, Section $section, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $colleague = $request->colleague($section);
        $section->colleagues()->updateOrCreate(['teacher_id' => $colleague->id], ['role' => $request->role()]);
        AdultLog::tell($teacher, Act::ChangedHelp, ['class' => $section->name, 'name' => $colleague->name]);

        return response()->noContent();
    }

    /** They no longer do. */
    public function destroy(Section $section, Colleague $colleague, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $colleague->delete();
        AdultLog::tell($teacher, Act::ChangedHelp, ['class' => $section->name, 'name' => $colleague->teacher->name]);

        return response()->noContent();
    }
}
