<?php

declare(strict_types=1);

namespace App\Http\Controllers\Checks;

use App\Checks\KeepToolCheck;
use App\Http\Controllers\Controller;
use App\Http\Requests\Checks\ToolCheckRequest;
use App\Http\Views\Checks\CheckTools;
use App\Http\Views\Checks\ToolCheckResult;
use App\Models\Station;
use App\Models\Student;
use App\Models\ToolCheck;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Water checks by students, at their stations or on their own phones. */
final class ToolCheckController extends Controller
{
    /** What may be checked, and how. */
    public function index(#[CurrentUser] Student|Station $actor): CheckTools
    {
        return CheckTools::of($actor);
    }

    /** Three weighings or more of the water a tool holds: worked out and kept; sent again with one more it is the same check. */
    public function update(ToolCheckRequest $request, KeepToolCheck $keeping): ToolCheckResult
    {
        return ToolCheckResult::of($keeping->keep($request->given(), $request->kitchen()));
    }

    /** The student is done: it waits for the teacher. */
    public function handIn(ToolCheck $check, KeepToolCheck $keeping): Response
    {
        $keeping->handIn($check);

        return response()->noContent();
    }
}
