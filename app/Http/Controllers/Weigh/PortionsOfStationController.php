<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Requests\Weigh\PortionsOfStationRequest;
use App\Http\Views\Weigh\PortionsWeighed;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Container\Attributes\CurrentUser;

final class PortionsOfStationController extends Controller
{
    /** What each piece of a batch should weigh, and how those weighed already are. */
    public function store(PortionsOfStationRequest $request, #[CurrentUser] Student|Station $actor): PortionsWeighed
    {
        return PortionsWeighed::of($request->portions($actor));
    }
}
