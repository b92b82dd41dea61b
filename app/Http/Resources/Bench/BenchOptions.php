<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\KitchenFill;
use App\Words\Said;
use Hovik\Core\Bench\Bench;
use Hovik\Core\Bench\Hands;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Plan\Fill;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Geometry;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Bench $resource */
#[OA\Schema(schema: 'Bench', required: ['ingredients', 'amounts', 'plans', 'offered', 'reads', 'empties', 'scales'], properties: [
    new OA\Property(property: 'ingredients', type: 'array', items: new OA\Items(required: ['id', 'name', 'family'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'family', type: 'string'),
    ])),
    new OA\Property(property: 'amounts', type: 'array', items: new OA\Items(required: ['amount', 'unit', 'text'], type: 'object', properties: [
        new OA\Property(property: 'amount', type: 'string'), new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'text', type: 'string'),
    ])),
    new OA\Property(property: 'plans', type: 'array', description: 'Tools to choose from, best first.', items: new OA\Items(required: ['index', 'text', 'fills'], type: 'object', properties: [
        new OA\Property(property: 'index', type: 'integer'), new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'fills', type: 'array', items: new OA\Items(ref: '#/components/schemas/KitchenFill')),
    ])),
    new OA\Property(property: 'offered', required: ['preparation', 'filling', 'settling', 'levelling'], type: 'object', description: 'Ways that mean something for this food, the right one first.', properties: [
        new OA\Property(property: 'preparation', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'filling', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'settling', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'levelling', type: 'array', items: new OA\Items(type: 'string')),
    ]),
    new OA\Property(property: 'reads', type: 'boolean', description: 'The chosen tool is read at a line, so the eye matters.'),
    new OA\Property(property: 'empties', type: 'boolean', description: 'Enough stays in an unscraped tool to matter.'),
    new OA\Property(property: 'scales', type: 'array', items: new OA\Items(required: ['id', 'step', 'decimals', 'capacity_g'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'step', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'), new OA\Property(property: 'capacity_g', type: 'number'),
    ])),
])]
final class BenchOptions extends JsonResource
{
    /** Less than this share in the tool nobody would see. */
    private const SEEN = 0.008;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $bench = $this->resource;
        $plans = array_values(array_filter($bench->plans->plans, static fn (ToolPlan $plan): bool => $plan->fills !== [] && $plan->waterTo === null));

        return [
            'ingredients' => self::ingredients($bench),
            'amounts' => array_values(array_filter(array_map(static fn (array $one): ?array => self::amount($bench, $one[0], $one[1]), Bench::amountsFor($bench->ingredient)))),
            'plans' => array_map(static fn (ToolPlan $plan, int $index): array => [
                'index' => $index,
                'text' => Said::phrase(Phrase::of('list.plus', ['parts' => array_map(static fn (Fill $fill): Phrase => self::called($fill), $plan->fills)])),
                'fills' => array_map(KitchenFill::of(...), $plan->fills),
            ], array_slice($plans, 0, 4), array_keys(array_slice($plans, 0, 4))),
            'offered' => Hands::offered($bench->ingredient, $bench->pantry),
            'reads' => array_filter($bench->plan->fills, Geometry::isRead(...)) !== [],
            'empties' => $bench->ingredient->residue >= self::SEEN,
            'scales' => array_map(static function (string $id): array {
                $scale = ToolCatalogue::scale($id, 0.0);

                return ['id' => $id, 'step' => $scale->readabilityG, 'decimals' => $scale->decimals(), 'capacity_g' => $scale->capacityG];
            }, BenchRequest::SCALES),
        ];
    }

    /** @return list<array{id: string, name: string, family: string}> by name */
    private static function ingredients(Bench $bench): array
    {
        $all = [];
        foreach ($bench->pantry->ids() as $id) {
            $ingredient = $bench->pantry->ingredient($id);
            if ($ingredient->family !== Family::Counted && $ingredient->family !== Family::WholeIrregular && $ingredient->gramsPerUsCup !== null) {
                $all[] = ['id' => $id, 'name' => Said::ingredient($id), 'family' => $ingredient->family->value];
            }
        }
        usort($all, static fn (array $a, array $b): int => strcoll($a['name'], $b['name']));

        return $all;
    }

    /** @return array{amount: string, unit: string, text: string}|null null where no tool measures so much or so little of it */
    private static function amount(Bench $bench, string $number, string $unit): ?array
    {
        try {
            $amount = Amount::of($number, Unit::from($unit));
            new Bench($bench->pantry, $bench->ingredient, $amount, $bench->standard, $bench->level);
        } catch (InvalidInput) {
            return null;
        }

        return ['amount' => $number, 'unit' => $unit, 'text' => Said::phrase(Phrase::of('working.amount', ['amount' => $amount]))];
    }

    private static function called(Fill $fill): Phrase
    {
        return Phrase::of('bench.fill', ['count' => $fill->count, 'tool' => $fill->tool->called(), 'mark' => $fill->toMark->amount ?? $fill->toMark->text ?? '', 'marked' => $fill->toMark === null ? 'no' : 'yes']);
    }
}
