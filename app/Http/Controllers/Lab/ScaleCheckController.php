<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Http\Requests\Lab\ScaleCheckRequest;
use App\Http\Views\Lab\ScaleChecked;
use App\Live\Live;
use App\Models\Lab;
use App\Models\Scale;
use App\Models\Teacher;
use Hovik\Core\Weighing\ScaleVerification;
use Illuminate\Container\Attributes\CurrentUser;

final class ScaleCheckController extends Controller
{
    /** A scale against a known weight, before the lab. */
    public function store(ScaleCheckRequest $request, Lab $lab, #[CurrentUser('teacher')] Teacher $teacher): ScaleChecked
    {
        $scale = Scale::ofSection($lab->section_id)->findOrFail($request->integer('scale_id'));
        [$nominalG, $readingG] = [$request->float('nominal_g'), $request->float('reading_g')];
        $passed = ScaleVerification::passes($nominalG, $readingG, $scale->toCore());
        $scale->checks()->create([
            'teacher_id' => $teacher->id,
            'nominal_g' => $nominalG,
            'reading_g' => $readingG,
            'passed' => $passed,
            'day' => $lab->section->today(),
        ]);
        Live::tell($lab, 'scale-checked');

        return new ScaleChecked($passed);
    }
}
