<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Views\Made;
use App\Models\Lab;

final class LabCopyController extends Controller
{
    /** The same lab once more, to be prepared. */
    public function store(Lab $lab): Made
    {
        return new Made($lab->copy()->id);
    }
}
