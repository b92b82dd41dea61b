<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabItemRequest;
use App\Http\Requests\TakeOutRequest;
use App\Models\Lab;
use App\Models\LabItem;
use Illuminate\Http\Response;

final class LabItemController extends Controller
{
    /** How a line of a prepared lab is judged and measured. */
    public function update(LabItemRequest $request, Lab $lab, LabItem $item): Response
    {
        $lab->mustBePrepared();
        $item->update($request->validated());

        return response()->noContent();
    }

    /** Take a line out of a prepared lab; or ask whether it may be. */
    public function destroy(TakeOutRequest $request, Lab $lab, LabItem $item): Response
    {
        $lab->mustBePrepared();
        if (! $request->onlyAsks()) {
            $item->delete();
        }

        return response()->noContent();
    }
}
