<?php

declare(strict_types=1);

namespace App\Http\Controllers\Term;

use App\Http\Controllers\Controller;
use App\Http\Requests\Term\TermRequest;
use App\Http\Views\Term\Term;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class TermController extends Controller
{
    /** The labs of a teacher's classes by the day, with the bells of each. */
    public function show(TermRequest $request, #[CurrentUser('teacher')] Teacher $teacher): Term
    {
        return Term::of($teacher, $request->monday($teacher->kitchen->school->today()));
    }
}
