<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\EventRequest;
use App\Http\Views\Weigh\StationWork;
use App\Http\Views\Weigh\StoredAtStation;
use App\Labs\RecordEvent;
use App\Models\LabEvent;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;

/** What happens at stations besides weighing, told by the station. */
final class StationEventController extends Controller
{
    /** Something happened at this station; sent twice it is stored once. */
    public function update(EventRequest $request, RecordEvent $recording, #[CurrentUser] Student|Station $actor): StoredAtStation
    {
        $station = $actor instanceof Station ? $actor : $actor->station ?? throw new Refusal('refusal.not-seated');
        // Sent again after the lab was closed: it was stored then.
        $lab = LabEvent::query()->find($request->ulid())->lab ?? $station->labNow() ?? throw new Refusal('refusal.lab-not-open');
        Gate::authorize('weigh', $lab);
        if (! $request->kind()->isForStations()) {
            throw InvalidInput::because('kind', Phrase::of('refusal.teachers-only'));
        }
        $student = $actor instanceof Student ? $actor : $station->students()->find($request->integer('student_id'));
        $recording->record($request->event($lab, $station, $student));

        return new StoredAtStation($request->idAsSent(), StationWork::of($actor));
    }
}
