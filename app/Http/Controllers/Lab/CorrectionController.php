<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\CorrectionRequest;
use App\Models\Lab;
use App\Models\Teacher;
use App\Models\Weighing;
use App\School\Act;
use App\School\AdultLog;
use App\Weighings\RecordWeighing;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class CorrectionController extends Controller
{
    /** Put a wrong entry right: a new weighing takes its place, the old one stays, struck through. */
    public function update(
        CorrectionRequest $request, Lab $lab, Weighing $weighing, RecordWeighing $recording, #[CurrentUser('teacher')] Teacher $teacher,
    ): Response {
        abort_unless($weighing->line->lab_id === $lab->id, 404);
        $correction = $request->weighIn($weighing);
        if (! Weighing::query()->whereKey($correction->id)->exists() && ! $weighing->isLatest()) {
            throw new Refusal('refusal.not-latest');
        }
        $recording->record($correction);
        AdultLog::tell($teacher, Act::Corrected, ['class' => $lab->section->name, 'lab' => $lab->title]);

        return response()->noContent();
    }
}
