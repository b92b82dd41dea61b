<?php

declare(strict_types=1);

namespace App\Http\Controllers\Practice;

use App\Http\Controllers\Controller;
use App\Http\Resources\Practice\ClassPracticeResource;
use App\Models\Section;
use App\Practice\ClassPractice;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final class ClassPracticeController extends Controller
{
    #[OA\Get(path: '/api/sections/{section}/practice', operationId: 'classPractice', summary: 'How ready a class is for its lab', parameters: [
        new OA\Parameter(name: 'section', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Students by the skills that its lines ask for.', content: new OA\JsonContent(ref: '#/components/schemas/ClassPractice')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function show(Section $section): ClassPracticeResource
    {
        Gate::authorize('run', $section);

        return new ClassPracticeResource(ClassPractice::of($section));
    }
}
