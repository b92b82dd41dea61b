<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\EventRequest;
use App\Labs\RecordEvent;
use App\Models\Lab;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class TeacherEventController extends Controller
{
    /** The teacher checks, sends back, releases, sees, notes; an aide answers checks, too. */
    public function update(EventRequest $request, Lab $lab, RecordEvent $recording, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        if (! $request->kind()->isForTeachers()) {
            throw InvalidInput::because('kind', Phrase::of('refusal.stations-only'));
        }
        $recording->record($request->event($lab, $request->station($lab), $teacher));

        return response()->noContent();
    }
}
