<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\ReadingRequest;
use App\Live\Live;
use App\Models\Lab;
use Illuminate\Http\Response;

final class ReadingController extends Controller
{
    /** A computer at the weighing table read a scale for a station whose tablet cannot: the tablet is told, and weighs in with it. */
    public function store(ReadingRequest $request, Lab $lab): Response
    {
        Live::tellReading(
            $request->station($lab), $request->grams(), $request->string('report')->toString(),
        );

        return response()->noContent();
    }
}
