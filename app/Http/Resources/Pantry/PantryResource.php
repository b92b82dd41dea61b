<?php

declare(strict_types=1);

namespace App\Http\Resources\Pantry;

use App\Models\Kitchen;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Kitchen $resource */
#[OA\Schema(schema: 'PantryEntry', required: ['id', 'name', 'aliases', 'family', 'grams', 'reference_grams', 'per', 'per_tsp', 'handlings', 'allergens', 'source', 'confidence', 'notes', 'added', 'own'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'aliases', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'family', type: 'string'), new OA\Property(property: 'grams', type: 'number', description: 'As used now.'), new OA\Property(property: 'reference_grams', type: 'number'),
    new OA\Property(property: 'per', type: 'string', enum: ['cup', 'piece']), new OA\Property(property: 'per_tsp', type: 'number', nullable: true),
    new OA\Property(property: 'handlings', type: 'array', items: new OA\Items(required: ['name', 'factor', 'advisable'], type: 'object', properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'factor', type: 'number'), new OA\Property(property: 'advisable', type: 'string', enum: ['yes', 'no', 'by-school']),
    ])),
    new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'source', type: 'string'),
    new OA\Property(property: 'confidence', type: 'string', enum: ['high', 'medium', 'low']), new OA\Property(property: 'notes', type: 'string'),
    new OA\Property(property: 'added', type: 'boolean', description: 'The reference does not know it.'),
    new OA\Property(property: 'own', required: ['reason', 'by', 'on'], type: 'object', nullable: true, properties: [
        new OA\Property(property: 'reason', type: 'string'), new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'on', type: 'string', format: 'date'),
    ]),
])]
final class PantryResource extends JsonResource
{
    /** @return list<array<string, mixed>> */
    public function toArray(Request $request): array
    {
        $pantry = $this->resource->pantry();

        return array_map(fn (string $id): array => $this->entry($pantry->ingredient($id), $pantry), $pantry->ids());
    }

    /** @return array<string, mixed> */
    private function entry(Ingredient $ingredient, Pantry $pantry): array
    {
        $added = $this->resource->ownIngredients->firstWhere('ingredient_id', $ingredient->id);
        $reference = $added === null ? Pantry::reference()->ingredient($ingredient->id) : $ingredient;
        $isCounted = $ingredient->family === Family::Counted;
        $own = $this->resource->ownWeights->firstWhere('ingredient_id', $ingredient->id);
        $handlings = [];
        foreach (Handling::cases() as $handling) {
            $factor = $pantry->handlingFactor($ingredient, $handling);
            if ($factor !== null) {
                $handlings[] = ['name' => Said::phrase(Phrase::of("handling.$handling->value")), 'factor' => $factor->mean->toFloat(), 'advisable' => $factor->advisable];
            }
        }

        return [
            'id' => $ingredient->id,
            'name' => Said::ingredient($ingredient->id),
            'aliases' => $ingredient->aliases,
            'family' => $ingredient->family->value,
            'grams' => ($isCounted ? $ingredient->gramsPerPiece : $ingredient->gramsPerUsCup)?->toFloat(),
            'reference_grams' => ($isCounted ? $reference->gramsPerPiece : $reference->gramsPerUsCup)?->toFloat(),
            'per' => $isCounted ? 'piece' : 'cup',
            'per_tsp' => $ingredient->gramsPerTsp?->toFloat(),
            'handlings' => $handlings,
            'allergens' => array_map(static fn (string $id): string => Said::phrase(Phrase::of("allergen.$id")), $ingredient->allergens),
            'source' => Said::phrase(Phrase::of("source.$ingredient->source")),
            'confidence' => $ingredient->confidence,
            'notes' => $added->reason ?? $ingredient->notes,
            'added' => $added !== null,
            'own' => $own === null ? null : ['reason' => $own->reason, 'by' => $own->teacher->name, 'on' => $own->updated_at->toDateString()],
        ];
    }
}
