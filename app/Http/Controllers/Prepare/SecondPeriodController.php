<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\SecondPeriodRequest;
use App\Http\Views\Prepare\PeriodPage;
use App\Labs\LabPeriod;
use App\Labs\LabPlan;
use App\Models\Lab;

/** A lab that spans two periods; settled while it is prepared. */
final class SecondPeriodController extends Controller
{
    /** Spread it over two periods: what does not keep is measured in the second. */
    public function store(Lab $lab): PeriodPage
    {
        return $this->split($lab, LabPeriod::of(LabPlan::of($lab))->whatDoesNotKeep());
    }

    /** Which lines the second period measures. */
    public function update(SecondPeriodRequest $request, Lab $lab): PeriodPage
    {
        return $this->split($lab, $request->later());
    }

    /** Back to one period. */
    public function destroy(Lab $lab): PeriodPage
    {
        return $this->split($lab, null);
    }

    /** @param  list<int>|null  $later */
    private function split(Lab $lab, ?array $later): PeriodPage
    {
        $lab->mustBePrepared();
        $lab->update(['later' => $later]);

        return PeriodPage::of(LabPeriod::of(LabPlan::of($lab)), $lab);
    }
}
