<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class AccountSessionsController extends Controller
{
    /** Sign out everywhere but here. */
    public function destroy(Request $request, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $teacher->endSessions();
        Door::enter($request, 'teacher', $teacher);
        AdultLog::tell($teacher, Act::SignedOutEverywhere, ['name' => $teacher->name]);

        return response()->noContent();
    }
}
