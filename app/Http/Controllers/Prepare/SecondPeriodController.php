<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\SecondPeriodRequest;
use App\Http\Views\Prepare\PeriodPage;
use App\Labs\LabPeriod;
use App\Labs\LabPlan;
use App\Live\Live;
use App\Models\Lab;

/** A lab that spans two periods; settled before the second begins, on a day that turns out too short as well. */
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
        if (! $lab->mayBeSpread()) {
            throw new Refusal('refusal.lab-frozen');
        }
        $measured = $lab->isOpen() ? $lab->placesWeighed() : []; // what was measured already is not for later
        $lab->update(['later' => $later === null ? null : array_values(array_diff($later, $measured))]);
        if ($lab->isOpen()) {
            Live::tell($lab, 'bells-changed');
        }

        return PeriodPage::of(LabPeriod::of(LabPlan::of($lab)), $lab);
    }
}
