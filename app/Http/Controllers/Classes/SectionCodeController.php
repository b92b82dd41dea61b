<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Http\Controllers\Controller;
use App\Models\Section;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class SectionCodeController extends Controller
{
    /** A new code for a class; the old one no longer lets in. */
    public function store(Section $section, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $section->update(['code' => Code::ofClass()]);
        AdultLog::tell($teacher, Act::RenewedCode, ['class' => $section->name]);

        return response()->noContent();
    }
}
