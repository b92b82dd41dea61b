<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Exchange\LabBundle;
use App\Exchange\LabCalendar;
use App\Exchange\RecipeJsonLd;
use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\BundleRequest;
use App\Models\Lab;
use App\Models\Recipe;
use App\Models\Teacher;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** Files out and in. */
final class ExchangeController extends Controller
{
    #[OA\Get(path: '/api/recipes/{recipe}/json-ld', operationId: 'recipeJsonLd', summary: 'The newest version as schema.org Recipe', parameters: [
        new OA\Parameter(name: 'recipe', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'JSON-LD.', content: new OA\MediaType(mediaType: 'application/ld+json')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function recipe(Recipe $recipe): JsonResponse
    {
        Gate::authorize('use', $recipe);

        return response()->json(RecipeJsonLd::write($recipe->newest), headers: ['Content-Type' => 'application/ld+json', ...self::file($recipe->title, 'jsonld')], options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    #[OA\Get(path: '/api/labs/{lab}/bundle', operationId: 'labBundle', summary: 'A lab to share with another installation: no class, student or weighing in it', parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'The bundle.', content: new OA\MediaType(mediaType: 'application/json')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function bundle(Lab $lab): JsonResponse
    {
        Gate::authorize('run', $lab);

        return response()->json(LabBundle::write($lab), headers: self::file($lab->title, 'json'), options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    #[OA\Post(path: '/api/labs', operationId: 'importLab', summary: 'Take in a shared lab, whole or not at all', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['section', 'text'], properties: [
        new OA\Property(property: 'section', type: 'integer'), new OA\Property(property: 'text', type: 'string', description: 'The bundle.'),
    ])), responses: [
        new OA\Response(response: 201, description: 'Taken in; not open yet.', content: new OA\JsonContent(required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function import(BundleRequest $request): JsonResponse
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();

        return response()->json(['id' => LabBundle::read($request->string('text')->toString(), $request->section(), $teacher)->id], 201);
    }

    #[OA\Get(path: '/api/labs/{lab}/calendar.ics', operationId: 'labCalendar', summary: "A lab's period for a calendar", parameters: [
        new OA\Parameter(name: 'lab', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'iCalendar.', content: new OA\MediaType(mediaType: 'text/calendar')),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/NotYours', response: 403), new OA\Response(ref: '#/components/responses/NotFound', response: 404),
    ])]
    public function calendar(Lab $lab): Response
    {
        Gate::authorize('run', $lab);

        return response(LabCalendar::write($lab), 200, ['Content-Type' => 'text/calendar; charset=utf-8', ...self::file($lab->title, 'ics')]);
    }

    /** @return array<string, string> */
    private static function file(string $title, string $ending): array
    {
        $name = Str::slug($title);

        return ['Content-Disposition' => 'attachment; filename="'.($name === '' ? 'hovik' : $name).".$ending\""];
    }
}
