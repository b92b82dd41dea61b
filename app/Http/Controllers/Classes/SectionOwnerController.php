<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\SectionOwnerRequest;
use App\Http\Views\Classes\SectionHeirs;
use App\Models\Section;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class SectionOwnerController extends Controller
{
    /** Who could have a class: teachers of its kitchen. */
    public function show(Section $section): SectionHeirs
    {
        return SectionHeirs::of($section);
    }

    /** Hand a class over; whoever had it is no longer in it. */
    public function update(SectionOwnerRequest $request, Section $section, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $heir = $request->heir($section);
        $section->update(['teacher_id' => $heir->id]);
        $section->colleagues()->where('teacher_id', $heir->id)->delete();
        AdultLog::tell($teacher, Act::HandedOver, ['class' => $section->name, 'name' => $heir->name]);

        return response()->noContent();
    }
}
