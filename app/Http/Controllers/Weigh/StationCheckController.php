<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Weigh\CheckRequest;
use App\Http\Views\Weigh\StationWork;
use App\Http\Views\Weigh\StoredAtStation;
use App\Live\Live;
use App\Models\Station;
use App\Models\StationCheck;
use App\Models\Student;
use Hovik\Core\Safety\StationChecklist;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;

/** A station's set-up before anything is measured, and its clean-up at the end; each recorded once. */
final class StationCheckController extends Controller
{
    /** The station is set up, or cleaned up: all of its list is ticked. */
    public function update(CheckRequest $request, StationChecklist $kind, #[CurrentUser] Student|Station $actor): StoredAtStation
    {
        $station = $actor instanceof Station ? $actor : $actor->station ?? throw new Refusal('refusal.not-seated');
        $lab = StationCheck::labFor($station, $kind) ?? throw new Refusal('refusal.lab-not-open');
        if ($lab->id !== $request->integer('lab_id')) {
            throw new Refusal('refusal.lab-not-open'); // it was kept on the tablet since another lab
        }
        Gate::authorize('weigh', $lab);
        $kind->require($request->ticked(), StationChecklist::allergens($lab->foods()),
            $lab->editedList($kind));
        $stored = StationCheck::query()->insertOrIgnore([
            'lab_id' => $lab->id,
            'station_id' => $station->id,
            'student_id' => $request->studentOf($station)?->id,
            'kind' => $kind->value,
            'ticked' => json_encode($request->ticked(), JSON_THROW_ON_ERROR),
            'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        $lab->unsetRelation('checks'); // read again: it is there now
        if ($stored > 0) {
            Live::tell($lab, 'station-checked', $station);
        }

        return new StoredAtStation($request->string('id')->toString(), StationWork::of($actor));
    }
}
