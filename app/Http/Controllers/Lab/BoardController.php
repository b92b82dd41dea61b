<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Views\Lab\Board;
use App\Models\Lab;
use Illuminate\Support\Facades\Gate;

final class BoardController extends Controller
{
    /** Stations by ingredients, with every weighing. */
    public function show(Lab $lab): Board
    {
        return Board::of($lab, Gate::allows('run', $lab));
    }
}
