<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Classes\Code;
use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\StationRequest;
use App\Http\Requests\TakeOutRequest;
use App\Live\Live;
use App\Models\Section;
use App\Models\Station;
use App\Models\Teacher;
use App\Models\Weighing;
use App\School\Act;
use App\School\AdultLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class StationController extends Controller
{
    /** One more station. */
    public function store(StationRequest $request, Section $section): Response
    {
        $position = 1 + (int) $section->stations()->max('position');
        $section->stations()->create($request->validated() + ['position' => $position, 'code' => Code::ofStation()]);
        Live::tellSeats($section);

        return response()->noContent();
    }

    /** A station's name and bowl, or a new card. */
    public function update(
        StationRequest $request, Section $section, Station $station, #[CurrentUser('teacher')] Teacher $teacher,
    ): Response {
        $station->update($request->safe()->except('renew') + ($request->boolean('renew') ? ['code' => Code::ofStation()] : []));
        if ($request->boolean('renew')) {
            $station->endSessions();
            AdultLog::tell($teacher, Act::RenewedCode, ['class' => "$section->name, $station->name"]);
        }
        Live::tellSeats($section);

        return response()->noContent();
    }

    /** Take a station away that has weighed nothing; or ask whether it may be. */
    public function destroy(TakeOutRequest $request, Section $section, Station $station): Response
    {
        if (Weighing::query()->where('station_id', $station->id)->exists()) {
            throw new Refusal('refusal.station-has-weighed');
        }
        if (! $request->onlyAsks()) {
            $station->delete();
            Live::tellSeats($section);
        }

        return response()->noContent();
    }
}
