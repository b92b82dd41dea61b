<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Views\Weigh\WeighingCauses;
use App\Models\Weighing;
use App\Weighings\Diagnose;

final class CausesController extends Controller
{
    /** What a weighing may come from. */
    public function show(Weighing $weighing, Diagnose $diagnosing): WeighingCauses
    {
        if ($weighing->line->lab->is_exam) {
            throw new Refusal('refusal.exam-causes');
        }

        return WeighingCauses::of($weighing, $diagnosing->of($weighing));
    }
}
