<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Auth\Door;
use App\Auth\Failures;
use App\Auth\KnownDevice;
use App\Http\Controllers\Controller;
use App\Http\Middleware\EndsWithItsLab;
use App\Http\Requests\Join\StationJoinRequest;
use App\Http\Views\Session;
use App\Models\Station;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

final class StationSessionController extends Controller
{
    /** Wrong codes from one device before it pauses: five letters and three figures are not guessed. */
    private const FREE = 12;

    /** A tablet becomes a station's. */
    public function store(StationJoinRequest $request): Session
    {
        $device = KnownDevice::of($request);
        $failures = Failures::of("card:$device->name", self::FREE);
        $failures->refuseInPause('code', 'refusal.card-paused');
        $station = Station::query()->where('code', $request->code())->first();
        if ($station === null) {
            $failures->add();
            $device->keep();
            throw InvalidInput::because('code', Phrase::of('refusal.no-such-station-code'));
        }
        if ($station->section->openLab === null) {
            $failures->forget(); // the card is right
            throw InvalidInput::because('code', Phrase::of('refusal.no-lab-for-card'));
        }
        $failures->forget();
        Door::enter($request, 'station', $station);
        $request->session()->put(EndsWithItsLab::SIGNED_IN_AT, now()->toDateTimeString());

        return Session::now();
    }
}
