<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Http\Controllers\Controller;
use App\Models\Section;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class SectionCodeController extends Controller
{
    /** A new code for a class; the old one no longer lets in. */
    public function store(Section $section): Response
    {
        Gate::authorize('run', $section);
        $section->update(['code' => Code::ofClass()]);

        return response()->noContent();
    }
}
