<?php

declare(strict_types=1);

namespace App\Http\Controllers\School;

use App\Http\Controllers\Controller;
use App\Http\Views\School\Ends;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class EndsController extends Controller
{
    /** Which classes are erased by themselves, and on which day. */
    public function index(#[CurrentUser('teacher')] Teacher $keeper): Ends
    {
        return Ends::of($keeper->kitchen->school);
    }
}
