<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabHoursRequest;
use App\Http\Views\Prepare\PeriodPage;
use App\Labs\LabPeriod;
use App\Labs\LabPlan;
use App\Live\Live;
use App\Models\Lab;

/** A day that is shorter or longer for one lab, before it or while it is open. */
final class LabHoursController extends Controller
{
    /** Its own hours: it is planned anew by them, and its stations hear it. */
    public function update(LabHoursRequest $request, Lab $lab): PeriodPage
    {
        return $this->ring($lab, $request->string('starts_at')->toString(), $request->string('ends_at')->toString());
    }

    /** Back to the bells of its class. */
    public function destroy(Lab $lab): PeriodPage
    {
        return $this->ring($lab, null, null);
    }

    private function ring(Lab $lab, ?string $from, ?string $to): PeriodPage
    {
        $lab->update(['starts_at' => $from, 'ends_at' => $to]);
        if ($lab->isOpen()) {
            Live::tell($lab, 'bells-changed');
        }

        return PeriodPage::of(LabPeriod::of(LabPlan::of($lab)), $lab);
    }
}
