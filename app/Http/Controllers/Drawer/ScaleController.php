<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drawer;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Drawer\ScaleRequest;
use App\Http\Requests\Drawer\ScaleStateRequest;
use App\Http\Requests\TakeOutRequest;
use App\Models\Scale;
use App\Models\Teacher;
use App\Models\Weighing;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class ScaleController extends Controller
{
    /** One more scale. */
    public function store(ScaleRequest $request, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $teacher->kitchen->scales()->create($request->validated());

        return response()->noContent();
    }

    /** A scale is out of order, or in order again: no lab counts on it meanwhile. */
    public function update(ScaleStateRequest $request, Scale $scale): Response
    {
        $scale->update($request->validated());

        return response()->noContent();
    }

    /** Take a scale away on which nothing was weighed; or ask whether it may be. */
    public function destroy(TakeOutRequest $request, Scale $scale): Response
    {
        if (Weighing::query()->where('scale_id', $scale->id)->exists()) {
            throw new Refusal('refusal.scale-has-weighed');
        }
        if (! $request->onlyAsks()) {
            $scale->delete();
        }

        return response()->noContent();
    }
}
