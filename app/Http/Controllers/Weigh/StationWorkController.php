<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Views\Weigh\StationWork;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Container\Attributes\CurrentUser;

final class StationWorkController extends Controller
{
    /** What this student or station has to do. */
    public function show(#[CurrentUser] Student|Station $actor): StationWork
    {
        return StationWork::of($actor);
    }
}
