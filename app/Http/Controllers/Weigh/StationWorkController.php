<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Middleware\EndsWithItsLab;
use App\Http\Views\Weigh\StationWork;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

final class StationWorkController extends Controller
{
    /** What this student or station has to do. */
    public function show(Request $request, #[CurrentUser] Student|Station $actor): StationWork
    {
        return StationWork::of($actor, $request->attributes->get(EndsWithItsLab::RESTS) === true);
    }
}
