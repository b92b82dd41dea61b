<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Requests\School\CalendarRequest;
use App\Http\Views\School\Bells;
use App\Live\Live;
use App\Models\Lab;
use App\Models\Teacher;
use App\School\Act;
use App\School\AdultLog;
use Hovik\Core\Lab\LabState;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;

final class CalendarController extends Controller
{
    /** The school's bells, and which ring on which day. */
    public function show(#[CurrentUser('teacher')] Teacher $keeper): Bells
    {
        return Bells::of($keeper->kitchen->school->bells());
    }

    /** Change them, whole: every lab that is open goes by the new ones at once, and says so. */
    public function update(CalendarRequest $request, #[CurrentUser('teacher')] Teacher $keeper): Bells
    {
        $school = $keeper->kitchen->school;
        $school->update(['calendar' => $request->calendar()]);
        AdultLog::tell($keeper, Act::ChangedSchool);
        $open = Lab::query()->where('state', LabState::Open)
            ->whereHas('section', static fn (Builder $of) => $of->whereIn('kitchen_id', $school->kitchens()->select('id')))->get();
        foreach ($open as $lab) {
            Live::tell($lab, 'bells-changed');
        }

        return Bells::of($school->bells());
    }
}
