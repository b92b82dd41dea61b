<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\Pantry\MeasureRequest;
use App\Http\Views\Pantry\NearestMeasure;

final class NearestMeasureController extends Controller
{
    /** Grams back to the nearest measure a cook has. */
    public function show(MeasureRequest $request, string $ingredient): NearestMeasure
    {
        return NearestMeasure::of($request->measure($ingredient));
    }
}
