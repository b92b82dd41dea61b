<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\NewSectionRequest;
use App\Http\Requests\Classes\SectionRequest;
use App\Http\Views\Classes\SectionPage;
use App\Http\Views\Made;
use App\Models\Section;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class SectionController extends Controller
{
    /** Make a class. */
    public function store(NewSectionRequest $request, #[CurrentUser('teacher')] Teacher $teacher): Made
    {
        $section = Section::query()->create($request->validated() + [
            'kitchen_id' => $teacher->kitchen_id, 'teacher_id' => $teacher->id, 'code' => Code::ofClass(), 'methods' => [],
            'standard' => $teacher->kitchen->school->standard,
        ]);

        AdultLog::tell($teacher, Act::MadeClass, ['class' => $section->name]);

        return new Made($section->id);
    }

    /** A class with its settings, people and codes. */
    public function show(Section $section): SectionPage
    {
        return SectionPage::of($section);
    }

    /** Change a class's settings. */
    public function update(SectionRequest $request, Section $section): Response
    {
        $section->update($request->validated());

        return response()->noContent();
    }
}
