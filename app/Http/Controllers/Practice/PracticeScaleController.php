<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Practice\ScaleKeysRequest;
use App\Http\Views\Practice\PracticeScale;
use App\Models\Student;
use App\Practice\AskTheClass;
use App\Practice\PracticeOf;
use Hovik\Core\Practice\Expect\Keys;
use Hovik\Core\Practice\Question;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Arr;

final class PracticeScaleController extends Controller
{
    /** What the drawn scale shows after some keys; nothing is stored. */
    public function store(ScaleKeysRequest $request, #[CurrentUser('student')] Student $student): PracticeScale
    {
        $asked = [(new PracticeOf($student))->question(), AskTheClass::now($student->section)?->question()];
        $expected = Arr::first($asked, static fn (?Question $one): bool => $one?->id() === $request->input('id'))?->expected;
        if (! $expected instanceof Keys) {
            throw new Refusal('refusal.other-question');
        }

        return PracticeScale::of($expected->shown($request->keys()));
    }
}
