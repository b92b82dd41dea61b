<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\LabCopyRequest;
use App\Http\Views\AllMade;
use App\Models\Lab;
use Illuminate\Support\Facades\DB;

final class LabCopyController extends Controller
{
    /** The same lab once more, to be prepared: for a class and a day, or for several. */
    public function store(LabCopyRequest $request, Lab $lab): AllMade
    {
        return DB::transaction(static fn (): AllMade => new AllMade(array_map(
            static fn (array $one): int => $lab->copyTo($one['section'], $one['day'])->id, $request->copies(),
        )));
    }
}
