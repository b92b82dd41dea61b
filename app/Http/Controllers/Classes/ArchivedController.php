<?php

declare(strict_types=1);

namespace App\Http\Controllers\Classes;

use App\Http\Controllers\Controller;
use App\Http\Views\Classes\ArchivedClasses;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class ArchivedController extends Controller
{
    /** One's own classes that were put away. */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): ArchivedClasses
    {
        return ArchivedClasses::of($teacher);
    }
}
