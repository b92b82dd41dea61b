<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Models\Teacher;
use App\Words\Said;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PantryNamesController extends Controller
{
    #[OA\Get(path: '/api/pantry/names', operationId: 'pantryNames', summary: 'Ingredients and units to choose from', responses: [
        new OA\Response(response: 200, description: 'By name.', content: new OA\JsonContent(required: ['ingredients', 'units'], properties: [
            new OA\Property(property: 'ingredients', type: 'array', items: new OA\Items(ref: '#/components/schemas/Named')),
            new OA\Property(property: 'units', type: 'array', items: new OA\Items(ref: '#/components/schemas/Named')),
        ])),
        new OA\Response(ref: '#/components/responses/SignedOut', response: 401),
    ])]
    public function index(Request $request): JsonResponse
    {
        /** @var Teacher $teacher */
        $teacher = $request->user();
        $names = array_map(static fn (string $id): array => ['id' => $id, 'name' => Said::ingredient($id)], $teacher->kitchen->pantry()->ids());
        usort($names, static fn (array $a, array $b): int => strcoll($a['name'], $b['name']));

        return response()->json([
            'ingredients' => $names,
            'units' => array_values(array_map(
                static fn (Unit $unit): array => ['id' => $unit->value, 'name' => $unit === Unit::Piece ? Said::phrase(Phrase::of('unit.pieces')) : trim(str_replace('1', '', Said::phrase(Phrase::of("unit.$unit->value", ['n' => '1', 'many' => 'no']))))],
                array_filter(Unit::cases(), static fn (Unit $unit): bool => $unit->dimension() !== Dimension::Ambiguous),
            )),
        ]);
    }
}
