<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Views\Pantry\PantryNames;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class PantryNamesController extends Controller
{
    /** Foods and units to choose from, by name. */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): PantryNames
    {
        return PantryNames::of($teacher->kitchen);
    }
}
