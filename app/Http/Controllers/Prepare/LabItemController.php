<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabItemRequest;
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

    /** Take a line out of a prepared lab. */
    public function destroy(Lab $lab, LabItem $item): Response
    {
        $lab->mustBePrepared();
        $item->delete();

        return response()->noContent();
    }
}
