<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Http\Controllers\Controller;
use App\Http\Views\Review\MyResults;
use App\Models\Student;
use App\Review\KeepTerm;
use App\Review\StudentReview;
use Illuminate\Container\Attributes\CurrentUser;

/** A student's own results. */
final class MyResultsController extends Controller
{
    /** What they measured, what to do next, and the marks that were given back. */
    public function show(#[CurrentUser] Student $student, KeepTerm $keeping): MyResults
    {
        return MyResults::of(StudentReview::of($student, $keeping));
    }
}
