<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\NextYear;
use App\Exchange\ClassRecord;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Http\Requests\Classes\EraseSectionRequest;
use App\Http\Requests\Classes\KeptRequest;
use App\Http\Requests\Classes\NextYearRequest;
use App\Http\Views\Classes\SectionEnd;
use App\Http\Views\Made;
use App\Models\Section;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\Erasure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** A class at its year's end: taken along, put away, gone on with, erased. */
final class SectionEndController extends Controller
{
    /** What erasing it would take, and when it ends by itself. */
    public function show(Section $section): SectionEnd
    {
        return SectionEnd::of($section);
    }

    /** All that is stored of it, as files. */
    public function export(Section $section, #[CurrentUser('teacher')] Teacher $teacher): FileAnswer
    {
        AdultLog::tell($teacher, Act::Exported, ['class' => $section->name]);

        return new FileAnswer(ClassRecord::zip($section), $section->name, 'zip', 'application/zip');
    }

    /** Keep it beyond the school's time for it, or no longer. */
    public function keep(KeptRequest $request, Section $section, #[CurrentUser('teacher')] Teacher $teacher): SectionEnd
    {
        $section->update(['kept' => $request->boolean('kept')]);
        AdultLog::tell($teacher, Act::Kept, ['class' => $section->name]);

        return SectionEnd::of($section);
    }

    /** Put it away: nobody joins it, and it is in no list of the day. */
    public function archive(Section $section, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $section->putAway();
        AdultLog::tell($teacher, Act::Archived, ['class' => $section->name]);

        return response()->noContent();
    }

    /** Take it out again. */
    public function unarchive(Section $section): Response
    {
        $section->update(['archived_at' => null]);

        return response()->noContent();
    }

    /** The same class for a new year: its settings and stations, with new codes and nobody in it; the old one is put away. */
    public function nextYear(NextYearRequest $request, Section $section, #[CurrentUser('teacher')] Teacher $teacher): Made
    {
        $next = NextYear::of($section, $request->string('name')->trim()->toString());
        AdultLog::tell($teacher, Act::RolledOver, ['class' => $section->name, 'name' => $next->name]);

        return new Made($next->id);
    }

    /** Erase it with all its students, labs and weigh-ins. It cannot be taken back. */
    public function destroy(EraseSectionRequest $request, Section $section, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        Erasure::section($section);
        AdultLog::tell($teacher, Act::ErasedClass, ['class' => $section->name]);

        return response()->noContent();
    }
}
