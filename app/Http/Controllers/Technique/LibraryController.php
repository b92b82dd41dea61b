<?php

declare(strict_types=1);

namespace App\Http\Controllers\Technique;

use App\Http\Controllers\Controller;
use App\Http\Resources\Technique\LibraryResource;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How each family is measured, the class's way. */
final class LibraryController extends Controller
{
    #[OA\Get(path: '/api/techniques', operationId: 'techniques', summary: "How each family of food is measured, the class's way, and the tools to know", parameters: [
        new OA\Parameter(name: 'section', in: 'query', required: false, description: "A teacher's class; a student and a station read their own.", schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The library.', content: new OA\JsonContent(ref: '#/components/schemas/Library')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403),
        new OA\Response(ref: '#/components/responses/NotFound', response: 404), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function show(Request $request): LibraryResource
    {
        $actor = $request->user();
        if ($actor instanceof Student || $actor instanceof Station) {
            return new LibraryResource($actor->section);
        }
        $request->validate(['section' => ['required', 'integer']]);
        $section = Section::query()->findOrFail($request->integer('section'));
        Gate::authorize('watch', $section);

        return new LibraryResource($section);
    }
}
