<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabRequest;
use App\Http\Views\Prepare\LabPage;
use App\Labs\LabPlan;
use App\Models\Lab;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final class LabController extends Controller
{
    /** A lab's plan, line by line, with its supplies and what to prepare. */
    public function show(Lab $lab): LabPage
    {
        return LabPage::of(LabPlan::of($lab));
    }

    /** Title, class, day and retry allowance of a prepared lab. */
    public function update(LabRequest $request, Lab $lab): Response
    {
        $lab->mustBePrepared();
        DB::transaction(static function () use ($request, $lab): void {
            $lab->moveTo($request->section());
            $lab->update($request->safe()->except('section'));
        });

        return response()->noContent();
    }
}
