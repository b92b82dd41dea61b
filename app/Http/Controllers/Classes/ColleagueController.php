<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\ColleagueRequest;
use App\Models\Colleague;
use App\Models\Section;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class ColleagueController extends Controller
{
    /** A teacher of the same kitchen helps with this class. */
    public function store(ColleagueRequest $request, Section $section): Response
    {
        Gate::authorize('run', $section);
        $section->colleagues()->updateOrCreate(['teacher_id' => $request->colleague($section)->id], ['role' => $request->role()]);

        return response()->noContent();
    }

    /** They no longer do. */
    public function destroy(Section $section, Colleague $colleague): Response
    {
        Gate::authorize('run', $section);
        $colleague->delete();

        return response()->noContent();
    }
}
