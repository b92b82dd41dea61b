<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Classes\DealRequest;
use App\Http\Requests\Classes\SeatsRequest;
use App\Http\Views\Classes\Dealt;
use App\Http\Views\Classes\DealtSeat;
use App\Live\Live;
use App\Models\Section;
use App\Models\Student;
use Hovik\Core\Lab\Dealing;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final class SeatsController extends Controller
{
    /** Deal the seats out by chance, to be looked at: whoever is away today keeps theirs. */
    public function deal(DealRequest $request, Section $section): Dealt
    {
        $today = $section->today();
        $here = $section->students->reject(static fn (Student $student): bool => $student->isAway($today));
        $stations = array_values($section->stations->modelKeys());
        if ($stations === []) {
            throw new Refusal('refusal.no-stations');
        }
        $seats = Dealing::byChance(array_values($here->modelKeys()), $stations, $request->integer('seed'));

        return new Dealt(array_map(
            static fn (int $student, int $station): DealtSeat => new DealtSeat($student, $station), array_keys($seats), $seats,
        ));
    }

    /** Seat many at once. */
    public function update(SeatsRequest $request, Section $section): Response
    {
        DB::transaction(static function () use ($request, $section): void {
            foreach ($request->seats() as $student => $station) {
                $section->students()->whereKey($student)->update(['station_id' => $station]);
            }
        });
        Live::tellSeats($section);

        return response()->noContent();
    }
}
