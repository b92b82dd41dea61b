<?php

declare(strict_types=1);

namespace App\Http\Resources\Drawer;

use App\Models\Kitchen;
use App\Models\Scale;
use App\Models\Tool;
use App\Words\Said;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Kitchen $resource */
#[OA\Schema(schema: 'Drawer', required: ['tools', 'scales', 'scale_kinds'], properties: [
    new OA\Property(property: 'tools', type: 'array', description: 'Of the catalogue, owned or not.', items: new OA\Items(required: ['id', 'kind', 'name', 'nominal', 'ml', 'count', 'place', 'fit'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'nominal', type: 'string'), new OA\Property(property: 'ml', type: 'number'),
        new OA\Property(property: 'count', type: 'integer', description: '0: not owned.'), new OA\Property(property: 'place', type: 'string', nullable: true),
        new OA\Property(property: 'fit', type: 'boolean', description: 'False: cannot be levelled, not fit for checking.'),
    ])),
    new OA\Property(property: 'scales', type: 'array', items: new OA\Items(required: ['id', 'name', 'step', 'decimals', 'capacity', 'checked_on'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'step', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
        new OA\Property(property: 'capacity', type: 'number', nullable: true), new OA\Property(property: 'checked_on', type: 'string', nullable: true, format: 'date'),
    ])),
    new OA\Property(property: 'scale_kinds', type: 'array', items: new OA\Items(required: ['id', 'step', 'decimals', 'capacity'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'step', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'), new OA\Property(property: 'capacity', type: 'number'),
    ])),
])]
final class DrawerResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $owned = $this->resource->tools->keyBy('catalogue_id');
        [$scales, $tools] = [[], []];
        foreach (ToolCatalogue::ids() as $id) {
            if (ToolCatalogue::isScale($id)) {
                $scale = ToolCatalogue::scale($id);
                $scales[] = ['id' => $id, 'step' => $scale->readabilityG, 'decimals' => $scale->decimals(), 'capacity' => $scale->capacityG];
            } else {
                $tools[] = self::tool($id, $owned->get($id));
            }
        }

        return [
            'tools' => $tools,
            'scales' => $this->resource->scales->map(fn (Scale $scale): array => [
                'id' => $scale->id, 'name' => $scale->name, 'step' => $scale->toCore()->readabilityG, 'decimals' => $scale->toCore()->decimals(),
                'capacity' => $scale->toCore()->capacityG, 'checked_on' => $scale->checked_on?->toDateString(),
            ])->all(),
            'scale_kinds' => $scales,
        ];
    }

    /** @return array<string, mixed> */
    private static function tool(string $id, ?Tool $own): array
    {
        $tool = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);

        return [
            'id' => $id, 'kind' => $tool->kind->value, 'name' => Said::phrase(Phrase::of('fill.tool', ['size' => $tool->size ?? $tool->nominal])), 'nominal' => $tool->nominal, 'ml' => $tool->aboutMl,
            'count' => $own->count ?? 0, 'place' => $own?->place, 'fit' => $tool->kind !== ToolKind::NoveltyScoop,
        ];
    }
}
