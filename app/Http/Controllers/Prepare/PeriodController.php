<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\PeriodRequest;
use App\Http\Views\Prepare\PeriodPage;
use App\Labs\LabPeriod;
use App\Labs\LabPlan;
use App\Models\Lab;

final class PeriodController extends Controller
{
    /** The plan of a lab from bell to bell. */
    public function show(Lab $lab): PeriodPage
    {
        return PeriodPage::of(LabPeriod::of(LabPlan::of($lab)), $lab);
    }

    /** How long its fixed blocks take, in minutes. */
    public function update(PeriodRequest $request, Lab $lab): PeriodPage
    {
        $lab->update(['blocks' => $request->seconds() + ($lab->blocks ?? [])]);

        return PeriodPage::of(LabPeriod::of(LabPlan::of($lab)), $lab);
    }
}
