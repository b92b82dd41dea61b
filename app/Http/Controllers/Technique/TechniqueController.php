<?php

declare(strict_types=1);

namespace App\Http\Controllers\Technique;

use App\Http\Controllers\Controller;
use App\Http\Requests\Technique\TechniqueRequest;
use App\Http\Views\Technique\TechniqueLibrary;
use App\Models\Teacher;
use Illuminate\Support\Facades\Gate;

/** How each family is measured, the class's way. */
final class TechniqueController extends Controller
{
    /** Techniques, tools and safety to read; a teacher says for which class. */
    public function index(TechniqueRequest $request): TechniqueLibrary
    {
        $section = $request->section();
        if ($request->user() instanceof Teacher) {
            Gate::authorize('watch', $section);
        }

        return TechniqueLibrary::of($section);
    }
}
