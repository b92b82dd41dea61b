<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\PersonRequest;
use App\Http\Views\School\People;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\ChangePerson;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class PeopleController extends Controller
{
    /** The adults of the school, who of them is signed in, and slips that work yet. */
    public function index(#[CurrentUser('teacher')] Teacher $keeper): People
    {
        return People::of($keeper->kitchen->school);
    }

    /** What somebody is in the school, where they teach, and whether they may come in. */
    public function update(PersonRequest $request, Teacher $person, #[CurrentUser('teacher')] Teacher $keeper): Response
    {
        ChangePerson::to($person, $request->role(), $request->kitchen(), $request->boolean('active'));
        AdultLog::tell($keeper, Act::ChangedPerson, ['name' => $person->name]);

        return response()->noContent();
    }
}
