<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use Hovik\Core\Bench\Bench;
use Hovik\Core\Bench\TwoWays;
use Hovik\Core\Quantity\ShownGrams;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property TwoWays $resource */
#[OA\Schema(schema: 'BenchSide', required: ['mean_g', 'sd_g', 'level', 'heaped', 'shy', 'too_close'], properties: [
    new OA\Property(property: 'mean_g', type: 'number'), new OA\Property(property: 'sd_g', type: 'number'), new OA\Property(property: 'level', type: 'integer'),
    new OA\Property(property: 'heaped', type: 'integer'), new OA\Property(property: 'shy', type: 'integer'), new OA\Property(property: 'too_close', type: 'integer'),
])]
#[OA\Schema(schema: 'BenchTwoWays', required: ['target_g', 'low_g', 'high_g', 'decimals', 'bins', 'most', 'one', 'other'], properties: [
    new OA\Property(property: 'target_g', type: 'number'), new OA\Property(property: 'low_g', type: 'number'), new OA\Property(property: 'high_g', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'bins', type: 'array', items: new OA\Items(required: ['from_g', 'to_g', 'one', 'other'], type: 'object', properties: [
        new OA\Property(property: 'from_g', type: 'number'), new OA\Property(property: 'to_g', type: 'number'), new OA\Property(property: 'one', type: 'integer'), new OA\Property(property: 'other', type: 'integer'),
    ])),
    new OA\Property(property: 'most', type: 'integer', description: 'The fullest bin; for drawing.'),
    new OA\Property(property: 'one', ref: '#/components/schemas/BenchSide'), new OA\Property(property: 'other', ref: '#/components/schemas/BenchSide'),
])]
final class BenchTwoWays extends JsonResource
{
    public function __construct(private readonly Bench $bench, TwoWays $two)
    {
        parent::__construct($two);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $target = $this->bench->target;

        return [
            'target_g' => $target->grams, 'low_g' => $target->grams - $target->toleranceG(), 'high_g' => $target->grams + $target->toleranceG(),
            'decimals' => ShownGrams::of($target->grams)->getScale(),
            'bins' => $this->resource->bins, 'most' => $this->resource->most, 'one' => $this->resource->one, 'other' => $this->resource->other,
        ];
    }
}
