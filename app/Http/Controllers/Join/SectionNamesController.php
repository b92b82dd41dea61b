<?php

declare(strict_types=1);

namespace App\Http\Controllers\Join;

use App\Http\Controllers\Controller;
use App\Http\Resources\SectionNamesResource;
use App\Models\Section;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class SectionNamesController extends Controller
{
    #[OA\Get(path: '/api/join/{code}', operationId: 'sectionNames', summary: 'The names of a class that is open to join', parameters: [
        new OA\Parameter(name: 'code', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Its names.', content: new OA\JsonContent(ref: '#/components/schemas/SectionNames')),
        new OA\Response(ref: '#/components/responses/Invalid', response: 422), new OA\Response(ref: '#/components/responses/TooMany', response: 429),
    ])]
    public function show(string $code): SectionNamesResource
    {
        return new SectionNamesResource(self::open($code)->load('students.station'));
    }

    /** @throws ValidationException when there is none, or it is not open to join */
    public static function open(string $code): Section
    {
        $section = Section::query()->where('code', strtoupper(trim($code)))->first();
        if ($section === null || ! $section->open_to_join) {
            throw ValidationException::withMessages(['code' => [__($section === null ? 'refusals.no_such_class' : 'refusals.class_shut')]]);
        }

        return $section;
    }
}
