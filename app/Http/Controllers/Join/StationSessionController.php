<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Middleware\EndsWithItsLab;
use App\Http\Requests\Join\StationJoinRequest;
use App\Http\Views\Session;
use App\Models\Station;
use Illuminate\Validation\ValidationException;

final class StationSessionController extends Controller
{
    /** A tablet becomes a station's. */
    public function store(StationJoinRequest $request): Session
    {
        $station = Station::query()->where('code', $request->code())->first()
            ?? throw ValidationException::withMessages(['code' => [__('refusals.no_such_station')]]);
        Door::enter($request, 'station', $station);
        $request->session()->put(EndsWithItsLab::SIGNED_IN_AT, now()->toDateTimeString());

        return Session::now();
    }
}
