<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exchange\LabBundle;
use App\Exchange\TakeInLab;
use App\Http\Controllers\Controller;
use App\Http\FileAnswer;
use App\Http\Requests\Prepare\BundleRequest;
use App\Http\Views\Made;
use App\Models\Lab;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class LabBundleController extends Controller
{
    /** A lab as a file to share: no class, no student, no weighing. */
    public function show(Lab $lab): FileAnswer
    {
        return FileAnswer::json(LabBundle::of($lab)->toArray(), $lab->title, 'json');
    }

    /** Take in a shared lab, whole or not at all. */
    public function store(BundleRequest $request, TakeInLab $taking, #[CurrentUser('teacher')] Teacher $teacher): Made
    {
        return new Made($taking->take(
            $request->string('text')->toString(), $request->section(), $request->string('planned_for')->toString(), $teacher,
        )->id);
    }
}
