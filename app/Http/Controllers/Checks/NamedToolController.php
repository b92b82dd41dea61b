<?php

declare(strict_types=1);

namespace App\Http\Controllers\Checks;

use App\Http\Controllers\Controller;
use App\Http\Requests\Checks\NamedToolRequest;
use App\Models\NamedTool;
use Illuminate\Http\Response;

final class NamedToolController extends Controller
{
    /** A certain tool has another name, lies elsewhere, or is retired. */
    public function update(NamedToolRequest $request, NamedTool $tool): Response
    {
        $tool->update($request->validated());

        return response()->noContent();
    }

    /** It is one of the counted ones again; its checks go with it. */
    public function destroy(NamedTool $tool): Response
    {
        $tool->delete();

        return response()->noContent();
    }
}
