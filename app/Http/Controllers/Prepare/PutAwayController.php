<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Views\Prepare\PutAway;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;

final class PutAwayController extends Controller
{
    /** Recipes and labs that were put away, to be found again. */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): PutAway
    {
        return PutAway::of($teacher);
    }
}
