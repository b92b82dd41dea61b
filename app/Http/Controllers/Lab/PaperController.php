<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\PaperRequest;
use App\Http\Views\Lab\PaperJudged;
use App\Http\Views\Lab\PaperLines;
use App\Models\Lab;
use App\Weighings\PaperEntries;
use App\Weighings\RecordWeighing;

/** A room without devices: weigh-in sheets typed in afterwards. */
final class PaperController extends Controller
{
    /** Which scale can judge which line. */
    public function show(Lab $lab): PaperLines
    {
        return PaperLines::of($lab);
    }

    /** Judge what was written on paper, or store it, all at once or not at all. */
    public function store(PaperRequest $request, Lab $lab, RecordWeighing $recording): PaperJudged
    {
        if (! $lab->state->isFrozen()) {
            throw new Refusal('refusal.lab-not-open');
        }
        $entries = new PaperEntries($lab, $request->entries());
        if ($request->boolean('store')) {
            $entries->store($recording);
        }

        return new PaperJudged($request->boolean('store'), $entries->judged());
    }
}
