<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Weigh\GuessRequest;
use App\Http\Views\Weigh\WeighingCauses;
use App\Models\Guess;
use App\Models\Weighing;
use App\Weighings\Diagnose;

final class GuessController extends Controller
{
    /** The student's own guess; the first one stays. */
    public function update(GuessRequest $request, Weighing $weighing, Diagnose $diagnosing): WeighingCauses
    {
        if ($weighing->line->lab->is_exam) {
            throw new Refusal('refusal.exam-causes');
        }
        $diagnosis = $diagnosing->of($weighing);
        Guess::query()->insertOrIgnore(
            ['weighing_id' => $weighing->id, 'cause' => $request->cause($diagnosis), 'created_at' => now()->format('Y-m-d H:i:s.v')],
        );

        return WeighingCauses::of($weighing, $diagnosis);
    }
}
