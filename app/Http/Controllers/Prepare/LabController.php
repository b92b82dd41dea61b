<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabRequest;
use App\Http\Views\Prepare\LabPage;
use App\Labs\LabPlan;
use App\Models\Lab;
use Illuminate\Http\Response;

final class LabController extends Controller
{
    /** A lab's plan, line by line, with its supplies and what to prepare. */
    public function show(Lab $lab): LabPage
    {
        return LabPage::of(LabPlan::of($lab));
    }

    /** Title, day and retry allowance of a prepared lab. */
    public function update(LabRequest $request, Lab $lab): Response
    {
        $lab->mustBePrepared();
        $lab->update($request->validated());

        return response()->noContent();
    }
}
