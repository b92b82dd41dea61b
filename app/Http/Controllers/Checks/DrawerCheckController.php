<?php

declare(strict_types=1);

namespace App\Http\Controllers\Checks;

use App\Checks\KeepToolCheck;
use App\Http\Controllers\Controller;
use App\Http\Requests\Checks\ToolCheckRequest;
use App\Http\Views\Checks\CheckTools;
use App\Http\Views\Checks\ToolCheckResult;
use App\Models\Teacher;
use App\Models\ToolCheck;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Water checks at the drawer: the teacher's own, and those of students that wait for a yes. */
final class DrawerCheckController extends Controller
{
    /** What may be checked, and how. */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): CheckTools
    {
        return CheckTools::of($teacher);
    }

    /** Three weighings or more of the water a tool holds, by a teacher. */
    public function update(ToolCheckRequest $request, KeepToolCheck $keeping): ToolCheckResult
    {
        return ToolCheckResult::of($keeping->keep($request->given(), $request->kitchen()));
    }

    /** The tool has this size from now on. */
    public function accept(ToolCheck $check, KeepToolCheck $keeping): Response
    {
        $keeping->accept($check);

        return response()->noContent();
    }

    /** It waits again. */
    public function reopen(ToolCheck $check, KeepToolCheck $keeping): Response
    {
        $keeping->reopen($check);

        return response()->noContent();
    }

    /** It is not counted. */
    public function refuse(ToolCheck $check, KeepToolCheck $keeping): Response
    {
        $keeping->refuse($check);

        return response()->noContent();
    }
}
