<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\TurnRequest;
use App\Live\Live;
use App\Models\Lab;
use App\Models\LabTurn;
use Illuminate\Http\Response;

final class TurnController extends Controller
{
    /** Give a line to a student of a station, or leave it to the round again. */
    public function update(TurnRequest $request, Lab $lab): Response
    {
        [$line, $station, $student] = $request->turn($lab);
        $at = ['lab_line_id' => $line->id, 'station_id' => $station->id];
        if ($student === null) {
            LabTurn::query()->where($at)->delete();
        } else {
            LabTurn::query()->updateOrCreate($at, ['student_id' => $student->id]);
        }
        Live::tell($lab, 'turns-changed', $station);

        return response()->noContent();
    }
}
