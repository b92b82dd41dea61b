<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabRequest;
use App\Http\Views\Prepare\LabPage;
use App\Labs\LabPlan;
use App\Models\Lab;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class LabController extends Controller
{
    /** A lab's plan, line by line, with its supplies and what to prepare. */
    public function show(Lab $lab): LabPage
    {
        Gate::authorize('run', $lab);

        return LabPage::of(LabPlan::of($lab));
    }

    /** Title, day and retry allowance of a prepared lab. */
    public function update(LabRequest $request, Lab $lab): Response
    {
        Gate::authorize('run', $lab);
        $lab->mustBePrepared();
        $lab->update($request->validated());

        return response()->noContent();
    }
}
