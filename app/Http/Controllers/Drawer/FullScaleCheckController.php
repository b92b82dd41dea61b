<?php

declare(strict_types=1);

namespace App\Http\Controllers\Drawer;

use App\Http\Controllers\Controller;
use App\Http\Requests\Drawer\FullScaleCheckRequest;
use App\Http\Views\Drawer\ScaleFound;
use App\Models\Scale;
use App\Models\Teacher;
use Hovik\Core\Calibration\ScaleVerdict;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;

final class FullScaleCheckController extends Controller
{
    /** A scale from empty to full: what it means; accepted, its correction and its doubt go into every verdict from now on. */
    public function store(FullScaleCheckRequest $request, Scale $scale, #[CurrentUser('teacher')] Teacher $teacher): ScaleFound
    {
        $check = $request->given($scale);
        if ($request->boolean('accept')) {
            DB::transaction(static function () use ($request, $scale, $teacher, $check): void {
                $day = $teacher->kitchen->school->today();
                $isOut = $check->verdict() === ScaleVerdict::NotLevel;
                $scale->calibrations()->create([
                    'teacher_id' => $teacher->id, 'measured' => $check, 'bias_g' => $check->biasG, 'span_pct' => $check->spanPct,
                    'u_g' => $check->uncertaintyG(), 'verdict' => $check->verdict(), 'day' => $day,
                ]);
                $scale->update([
                    'out_of_order' => $isOut, 'checked_every' => $request->string('every')->toString(),
                    ...($isOut ? [] : [
                        'checked_on' => $day, 'calibration_g' => $check->uncertaintyG(), 'span_pct' => $check->appliedSpanPct(),
                    ]),
                ]);
                // The short form at the start of a lab is part of it.
                $last = $check->weights[count($check->weights) - 1];
                $scale->checks()->create([
                    'teacher_id' => $teacher->id, 'nominal_g' => $last['nominal_g'], 'reading_g' => $last['reading_g'],
                    'passed' => ! $isOut,
                    'day' => $day,
                ]);
            });
        }

        return ScaleFound::of($check, $scale);
    }
}
