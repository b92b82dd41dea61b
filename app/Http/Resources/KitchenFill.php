<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Words\Said;
use Hovik\Core\Plan\Fill;
use OpenApi\Attributes as OA;

/** One tool, so many times, or once to a mark; to be drawn and named. */
#[OA\Schema(schema: 'KitchenFill', required: ['tool', 'kind', 'ml', 'count', 'nominal', 'to_mark', 'mark_ml', 'called'], properties: [
    new OA\Property(property: 'tool', type: 'string', description: 'Id.'), new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'ml', type: 'number'), new OA\Property(property: 'count', type: 'integer'),
    new OA\Property(property: 'nominal', type: 'string', example: '1/2 cup'), new OA\Property(property: 'to_mark', type: 'string', nullable: true),
    new OA\Property(property: 'mark_ml', type: 'number', nullable: true), new OA\Property(property: 'called', type: 'string'),
])]
final class KitchenFill
{
    /** @return array{tool: string, kind: string, ml: float, count: int, nominal: string, to_mark: string|null, mark_ml: float|null, called: string} */
    public static function of(Fill $fill): array
    {
        return [
            'tool' => $fill->tool->id, 'kind' => $fill->tool->kind->value, 'ml' => $fill->tool->nominalMl->toFloat(), 'count' => $fill->count, 'nominal' => $fill->tool->nominal,
            'to_mark' => $fill->toMark?->text, 'mark_ml' => $fill->toMark?->ml->toFloat(), 'called' => Said::phrase($fill->tool->called()),
        ];
    }
}
