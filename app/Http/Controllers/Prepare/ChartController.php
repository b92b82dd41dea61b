<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\PortionsRequest;
use App\Http\Requests\Prepare\SheetRequest;
use App\Words\Said;
use Hovik\Core\Quantity\Equivalents;
use Hovik\Core\Recipe\Portions;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ChartController extends Controller
{
    #[OA\Get(path: '/api/portions', operationId: 'portions', summary: 'How many portions a batch gives, by volume', parameters: [
        new OA\Parameter(name: 'batch', in: 'query', required: true, schema: new OA\Schema(type: 'string'), example: '10 cups'), new OA\Parameter(name: 'each', in: 'query', required: true, schema: new OA\Schema(type: 'string'), example: '1/3 cup'),
        new OA\Parameter(name: 'section', in: 'query', required: false, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Whole portions, and what is left.', content: new OA\JsonContent(required: ['portions', 'left'], properties: [
            new OA\Property(property: 'portions', type: 'integer'), new OA\Property(property: 'left', type: 'string', nullable: true),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function portions(PortionsRequest $request): JsonResponse
    {
        $portions = Portions::of($request->string('batch')->toString(), $request->string('each')->toString(), $request->section()->standard);

        return response()->json(['portions' => $portions->whole, 'left' => $portions->left === null ? null : Said::phrase(Phrase::of('working.amount', ['amount' => $portions->left]))]);
    }

    #[OA\Get(path: '/api/chart', operationId: 'chart', summary: 'The equivalents chart of a class', parameters: [
        new OA\Parameter(name: 'section', in: 'query', required: false, schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'Largest measure first.', content: new OA\JsonContent(required: ['section', 'standard', 'rows'], properties: [
            new OA\Property(property: 'section', type: 'string'), new OA\Property(property: 'standard', type: 'string'),
            new OA\Property(property: 'rows', type: 'array', items: new OA\Items(required: ['measure', 'spoons', 'teaspoons', 'fluid_ounces', 'ml'], type: 'object', properties: [
                new OA\Property(property: 'measure', type: 'string'), new OA\Property(property: 'spoons', type: 'string', nullable: true), new OA\Property(property: 'teaspoons', type: 'string', nullable: true),
                new OA\Property(property: 'fluid_ounces', type: 'string', nullable: true), new OA\Property(property: 'ml', type: 'number'),
            ])),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401), new OA\Response(ref: '#/components/responses/Invalid', response: 422),
    ])]
    public function show(SheetRequest $request): JsonResponse
    {
        $section = $request->section();

        return response()->json([
            'section' => $section->name,
            'standard' => $section->standard->value,
            'rows' => array_map(static fn (Equivalents $row): array => [
                'measure' => Said::phrase(Phrase::of('working.amount', ['amount' => $row->measure])),
                'spoons' => $row->spoons === null ? null : Said::phrase(Phrase::of('working.amount', ['amount' => $row->spoons])),
                'teaspoons' => $row->teaspoons, 'fluid_ounces' => $row->fluidOunces, 'ml' => $row->ml->toFloat(),
            ], Equivalents::of($section->standard)),
        ]);
    }
}
