<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class PersonSessionsController extends Controller
{
    /** Sign somebody out wherever they are signed in: a lost telephone. */
    public function destroy(Teacher $person, #[CurrentUser('teacher')] Teacher $keeper): Response
    {
        $person->endSessions();
        AdultLog::tell($keeper, Act::SignedOutEverywhere, ['name' => $person->name]);

        return response()->noContent();
    }
}
