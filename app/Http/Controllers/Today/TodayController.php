<?php

declare(strict_types=1);

namespace App\Http\Controllers\Today;

use App\Http\Controllers\Controller;
use App\Http\Views\Today\Today;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Relations\Relation;

final class TodayController extends Controller
{
    /** A teacher's classes with their labs. */
    public function show(#[CurrentUser('teacher')] Teacher $teacher): Today
    {
        $sections = $teacher->classes()->load([
            'labs' => fn (Relation $labs) => $labs->getQuery()->whereNull('archived_at'), 'labs.items', 'stations',
        ]);

        return Today::of($teacher->load('kitchen.scales'), $sections);
    }
}
