<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\Door;
use App\Http\Views\Session;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Who is signed in here. */
final class SessionController extends Controller
{
    /** Who is signed in here; asking also brings the token that changes need. */
    public function show(): Session
    {
        return Session::now();
    }

    /** Sign out. */
    public function destroy(Request $request): Response
    {
        Door::leave($request);

        return response()->noContent();
    }
}
