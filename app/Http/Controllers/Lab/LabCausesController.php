<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Views\Weigh\WeighingCauses;
use App\Models\Lab;
use App\Models\Weighing;
use App\Weighings\Diagnose;

final class LabCausesController extends Controller
{
    /** What a weighing may come from, for the teacher. */
    public function show(Lab $lab, Weighing $weighing, Diagnose $diagnosing): WeighingCauses
    {
        abort_unless($weighing->line->lab_id === $lab->id, 404);

        return WeighingCauses::of($weighing, $diagnosing->of($weighing), forTeacher: true);
    }
}
