<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\EditedListRequest;
use App\Models\Lab;
use Illuminate\Http\Response;

final class PreparationController extends Controller
{
    /** Change the list of what is done before a lab: points of one's own, points that are out. */
    public function update(EditedListRequest $request, Lab $lab): Response
    {
        $lab->update(['preparation' => $request->edited()]);

        return response()->noContent();
    }
}
