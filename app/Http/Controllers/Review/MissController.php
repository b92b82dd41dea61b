<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Http\Controllers\Controller;
use App\Http\Requests\Review\MissRequest;
use App\Http\Views\Review\MissPage;
use App\Models\Section;
use App\Review\FindMisses;

final class MissController extends Controller
{
    /** Who makes the miss: in a lab, with a food, or over the term. */
    public function show(MissRequest $request, Section $section, FindMisses $finding): MissPage
    {
        $lab = $request->input('lab') === null ? null : $section->labs()->findOrFail($request->integer('lab'));
        $food = $request->string('food')->toString();

        return MissPage::of($section, $finding->of($section, $lab, $lab !== null || $food === '' ? null : $food));
    }
}
