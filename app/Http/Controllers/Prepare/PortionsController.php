<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\PortionsRequest;
use App\Http\Views\Prepare\PortionsWorked;
use Hovik\Core\Recipe\Portions;

final class PortionsController extends Controller
{
    /** How many portions a batch gives. */
    public function show(PortionsRequest $request): PortionsWorked
    {
        return PortionsWorked::of(
            Portions::of($request->string('batch')->toString(), $request->string('each')->toString(), $request->section()->standard),
        );
    }
}
