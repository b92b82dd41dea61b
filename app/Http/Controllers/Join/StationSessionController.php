<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Http\Controllers\Controller;
use App\Http\Middleware\EndsWithItsLab;
use App\Http\Requests\Join\StationJoinRequest;
use App\Http\Views\Session;
use App\Models\Station;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

final class StationSessionController extends Controller
{
    /** A tablet becomes a station's. */
    public function store(StationJoinRequest $request): Session
    {
        $station = Station::query()->where('code', $request->code())->first()
            ?? throw InvalidInput::because('code', Phrase::of('refusal.no-such-station-code'));
        Door::enter($request, 'station', $station);
        $request->session()->put(EndsWithItsLab::SIGNED_IN_AT, now()->toDateTimeString());

        return Session::now();
    }
}
