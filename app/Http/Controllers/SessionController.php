<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Auth\Door;
use App\Http\Resources\SessionResource;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class SessionController extends Controller
{
    #[OA\Get(path: '/api/session', operationId: 'session', summary: 'Who is signed in here', responses: [
        new OA\Response(response: 200, description: 'The session.', content: new OA\JsonContent(ref: '#/components/schemas/Session')),
    ])]
    public function show(): SessionResource
    {
        return new SessionResource(null);
    }

    #[OA\Delete(path: '/api/session', operationId: 'signOut', summary: 'Sign out', responses: [new OA\Response(response: 204, description: 'Signed out.')])]
    public function destroy(Request $request): Response
    {
        Door::leave($request);

        return response()->noContent();
    }
}
