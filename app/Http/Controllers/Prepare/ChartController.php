<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\ClassPickRequest;
use App\Http\Views\Prepare\EquivalentsChart;

final class ChartController extends Controller
{
    /** The equivalents chart of a class's standard. */
    public function show(ClassPickRequest $request): EquivalentsChart
    {
        return EquivalentsChart::of($request->section());
    }
}
