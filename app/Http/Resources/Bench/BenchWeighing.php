<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Weigh\CauseRow;
use App\Weighings\Diagnose;
use App\Words\Said;
use Hovik\Core\Bake\Role;
use Hovik\Core\Bench\Bench;
use Hovik\Core\Bench\DrawnScale;
use Hovik\Core\Bench\Hands;
use Hovik\Core\Diagnosis\Diagnostician;
use Hovik\Core\Diagnosis\Situation;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Judge;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** @property DrawnScale $resource */
#[OA\Schema(schema: 'BenchTry', required: ['ingredient', 'amount', 'unit'], properties: [
    new OA\Property(property: 'ingredient', type: 'string'), new OA\Property(property: 'amount', type: 'string'), new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'plan', type: 'integer'),
    new OA\Property(property: 'scale', type: 'string'), new OA\Property(property: 'seed', type: 'integer', description: 'The same seed, the same weight: a class sees the same.'),
    new OA\Property(property: 'hands', ref: '#/components/schemas/BenchHands'), new OA\Property(property: 'other', ref: '#/components/schemas/BenchHands'),
    new OA\Property(property: 'draws', type: 'integer'), new OA\Property(property: 'bowl_g', type: 'number'),
    new OA\Property(property: 'actions', type: 'array', items: new OA\Items(type: 'string', enum: DrawnScale::ACTIONS), description: 'Keys of the scale and what was put on it, in order.'),
    new OA\Property(property: 'check', type: 'boolean', description: 'Judge the number that stands there.'),
    new OA\Property(property: 'predicted', type: 'string', enum: ['level', 'heaped', 'shy'], nullable: true),
])]
#[OA\Schema(schema: 'BenchHands', properties: [
    new OA\Property(property: 'preparation', type: 'string'), new OA\Property(property: 'filling', type: 'string'), new OA\Property(property: 'settling', type: 'string'), new OA\Property(property: 'levelling', type: 'string'),
    new OA\Property(property: 'eye_deg', type: 'number'), new OA\Property(property: 'share_across', type: 'number'), new OA\Property(property: 'curve', type: 'string', enum: ['bottom', 'top']),
    new OA\Property(property: 'held', type: 'boolean'), new OA\Property(property: 'scraped', type: 'boolean', nullable: true),
])]
#[OA\Schema(schema: 'BenchWeighing', required: ['on', 'unit', 'number', 'decimals', 'overload', 'has_bowl', 'poured', 'contents_ml', 'brim_ml', 'note', 'result'], properties: [
    new OA\Property(property: 'on', type: 'boolean'), new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'number', type: 'number', nullable: true, description: 'On the display; null when it is off or overloaded.'),
    new OA\Property(property: 'decimals', type: 'integer'), new OA\Property(property: 'overload', type: 'boolean'), new OA\Property(property: 'has_bowl', type: 'boolean'), new OA\Property(property: 'poured', type: 'boolean'),
    new OA\Property(property: 'contents_ml', type: 'number', description: 'In the first tool, before chance; for drawing.'), new OA\Property(property: 'brim_ml', type: 'number'),
    new OA\Property(property: 'note', type: 'string', nullable: true, description: 'Why the last key did nothing.'),
    new OA\Property(property: 'result', ref: '#/components/schemas/BenchResult', nullable: true),
])]
#[OA\Schema(schema: 'BenchResult', required: ['verdict', 'grams', 'decimals', 'error_g', 'tolerances', 'target_g', 'target_decimals', 'low_g', 'high_g', 'scale_u_g', 'predicted', 'predicted_right', 'causes', 'none', 'consequence', 'working'], properties: [
    new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'), new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'error_g', type: 'number'), new OA\Property(property: 'tolerances', type: 'number'), new OA\Property(property: 'target_g', type: 'number'), new OA\Property(property: 'target_decimals', type: 'integer'),
    new OA\Property(property: 'low_g', type: 'number'), new OA\Property(property: 'high_g', type: 'number'), new OA\Property(property: 'scale_u_g', type: 'number'),
    new OA\Property(property: 'predicted', type: 'string', nullable: true), new OA\Property(property: 'predicted_right', type: 'boolean', nullable: true),
    new OA\Property(property: 'causes', type: 'array', items: new OA\Items(ref: '#/components/schemas/CauseRow')),
    new OA\Property(property: 'none', required: ['said', 'next'], type: 'object', nullable: true, properties: [new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'next', type: 'string')]),
    new OA\Property(property: 'consequence', type: 'string', nullable: true),
    new OA\Property(property: 'working', type: 'array', items: new OA\Items(type: 'string')),
])]
final class BenchWeighing extends JsonResource
{
    private const SHOWN = 3;

    public function __construct(private readonly Bench $bench, private readonly Hands $hands, DrawnScale $shown, private readonly Scale $scale, private readonly float $bowlG, private readonly bool $isChecked, private readonly ?string $predicted)
    {
        parent::__construct($shown);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shown = $this->resource;
        [$contents, $brim] = $this->bench->contents($this->hands);

        return [
            'on' => $shown->isOn, 'unit' => $shown->unit, 'number' => $shown->number(), 'decimals' => $shown->decimals(), 'overload' => $shown->isOverloaded(),
            'has_bowl' => $shown->hasBowl, 'poured' => $shown->isPoured, 'contents_ml' => $contents, 'brim_ml' => $brim,
            'note' => $shown->note === null ? null : Said::phrase($shown->note),
            'result' => $this->isChecked ? $this->result() : null,
        ];
    }

    /**
     * The number on the display, taken for grams as somebody would who writes it down.
     *
     * @return array<string, mixed>
     */
    private function result(): array
    {
        $number = $this->resource->number();
        if ($number === null || $number <= 0) {
            throw ValidationException::withMessages(['actions' => [__('refusals.no_weight_shown')]]);
        }
        $bench = $this->bench;
        $reading = ScaleReading::of($number, $this->scale);
        $judgement = Judge::judge($bench->target, $reading, $bench->plan->meanG);
        $diagnosis = Diagnostician::diagnose(new Situation(
            $bench->pantry, $bench->ingredient, $bench->amount, $bench->standard, $bench->plan->fills, null, $bench->target->grams, $reading, containerG: $this->bowlG > 0 ? $this->bowlG : null,
        ));
        [$low, $high] = $judgement->band();
        $consequence = Role::of($bench->ingredient)->consequence($judgement->verdict);
        $places = Explanation::targetDecimals($judgement);

        return [
            'verdict' => $judgement->verdict->value, 'grams' => $number, 'decimals' => max(Explanation::scaleDecimals($judgement), $this->resource->decimals()),
            'error_g' => $judgement->errorG, 'tolerances' => $bench->target->inTolerances($judgement->errorG),
            'target_g' => $bench->target->grams, 'target_decimals' => $places, 'low_g' => $low, 'high_g' => $high, 'scale_u_g' => $judgement->uncertaintyG,
            'predicted' => $this->predicted, 'predicted_right' => $this->predicted === null ? null : $this->predicted === $judgement->verdict->value,
            'causes' => $diagnosis->isExplained() ? array_map(static fn ($likely): array => CauseRow::of(Diagnose::kept($likely), $places), $diagnosis->best(self::SHOWN)) : [],
            'none' => $diagnosis->isExplained() ? null : CauseRow::none(),
            'consequence' => $consequence === null ? null : Said::phrase($consequence),
            'working' => array_map(Said::phrase(...), Explanation::of($judgement)),
        ];
    }
}
