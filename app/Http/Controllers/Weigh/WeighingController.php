<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Controllers\Controller;
use App\Http\Requests\Weigh\WeighInRequest;
use App\Http\Views\Answer;
use App\Http\Views\Weigh\WeighingResult;
use App\Models\Weighing;
use App\Weighings\RecordWeighing;

final class WeighingController extends Controller
{
    /**
     * A weigh-in: judged and stored; sent twice it is stored once.
     *
     * @return Answer<WeighingResult>
     */
    public function update(WeighInRequest $request, RecordWeighing $recording): Answer
    {
        $weighing = $recording->record($request->given());

        return new Answer(WeighingResult::of($weighing), $weighing->wasRecentlyCreated ? 201 : 200);
    }

    /** A weighing with its verdict. */
    public function show(Weighing $weighing): WeighingResult
    {
        return WeighingResult::of($weighing);
    }
}
