<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lab;

use App\Http\Controllers\Controller;
use App\Models\Lab;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** nginx asks here once whether a subscriber may listen to a lab. Not part of the API that browsers call. */
final class LiveController extends Controller
{
    public function show(Lab $lab): Response
    {
        Gate::authorize('watch', $lab);

        return response()->noContent();
    }
}
