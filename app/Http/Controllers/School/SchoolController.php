<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\SchoolRequest;
use App\Http\Views\School\SchoolPage;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use App\School\KnownSchool;
use App\Words\KitchenWords;
use Illuminate\Container\Attributes\CurrentUser;

final class SchoolController extends Controller
{
    /** What holds for the whole school. */
    public function show(#[CurrentUser('teacher')] Teacher $keeper): SchoolPage
    {
        return SchoolPage::of($keeper->kitchen->school);
    }

    /** Change it. */
    public function update(SchoolRequest $request, #[CurrentUser('teacher')] Teacher $keeper, KitchenWords $words): SchoolPage
    {
        $keeper->kitchen->school->update($request->settings());
        KnownSchool::changed($keeper->kitchen->school);
        $words->changed();
        AdultLog::tell($keeper, Act::ChangedSchool);

        return SchoolPage::of($keeper->kitchen->school->refresh());
    }
}
