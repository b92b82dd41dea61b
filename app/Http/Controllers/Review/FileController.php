<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exchange\ClassFile;
use App\Exchange\FileKind;
use App\Exchange\OneRosterResults;
use App\Exchange\WholeClass;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Http\Requests\Review\ClassFileRequest;
use App\Http\Requests\Review\FileRequest;
use App\Http\Views\Made;
use App\Models\Section;
use App\Models\Teacher;
use App\Review\AfterLab;
use App\Review\KeepTerm;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;

/** A class's work, to be taken out, and a class to be taken in. */
final class FileController extends Controller
{
    /** As a table for a spreadsheet. */
    public function csv(
        FileRequest $request, Section $section, FileKind $file, KeepTerm $keeping, #[CurrentUser('teacher')] Teacher $teacher,
    ): FileAnswer {
        AdultLog::tell($teacher, Act::Exported, ['class' => $section->name]);

        return new FileAnswer(
            (new ClassFile($section, $keeping))->csv($file, $request->sign($section)), "$section->name $file->value", 'csv',
            'text/csv; charset=utf-8',
        );
    }

    /** All of it as one file that can be taken in again. */
    public function json(Section $section, #[CurrentUser('teacher')] Teacher $teacher): FileAnswer
    {
        AdultLog::tell($teacher, Act::Exported, ['class' => $section->name]);

        return new FileAnswer(
            json_encode(WholeClass::of($section), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION
                | JSON_THROW_ON_ERROR), $section->name, 'json', 'application/json',
        );
    }

    /** A class that was taken out, taken in again: another one, put away, with the same in it. */
    public function takeIn(ClassFileRequest $request, #[CurrentUser('teacher')] Teacher $teacher, WholeClass $taking): Made
    {
        $section = $taking->takeIn($request->bundle(), $teacher);
        AdultLog::tell($teacher, Act::TookIn, ['class' => $section->name]);
        AfterLab::later($section);

        return new Made($section->id);
    }

    /** Marks, as OneRoster 1.2 has line items and results. */
    public function oneRoster(Section $section, #[CurrentUser('teacher')] Teacher $teacher): FileAnswer
    {
        AdultLog::tell($teacher, Act::Exported, ['class' => $section->name]);

        return new FileAnswer(OneRosterResults::zip($section), "$section->name oneroster", 'zip', 'application/zip');
    }
}
