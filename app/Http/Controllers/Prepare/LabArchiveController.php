<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Models\Lab;
use Illuminate\Http\Response;

final class LabArchiveController extends Controller
{
    /** Put a lab away; what was weighed stays. */
    public function store(Lab $lab): Response
    {
        if ($lab->isOpen()) {
            throw new Refusal('refusal.lab-is-open');
        }
        $lab->update(['archived_at' => now()]);

        return response()->noContent();
    }

    /** Bring it back. */
    public function destroy(Lab $lab): Response
    {
        $lab->update(['archived_at' => null]);

        return response()->noContent();
    }
}
