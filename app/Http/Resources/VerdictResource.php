<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Labs\FrozenLines;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Weighing\Explanation;
use Hovik\Core\Weighing\Gain;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/** @property Weighing $resource */
#[OA\Schema(schema: 'Verdict', required: ['id', 'line_id', 'name', 'family', 'amount', 'student', 'attempt', 'verdict', 'grams', 'decimals', 'error_g', 'error_pct', 'tolerances', 'target_g', 'target_decimals', 'tolerance_g', 'low_g', 'high_g', 'scale_u_g', 'scale', 'step_g', 'advice', 'technique', 'ticked', 'earlier', 'gain', 'predicted', 'working'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'line_id', type: 'integer'),
    new OA\Property(property: 'family', type: 'string', description: 'Opens its page of the technique library.'),
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'amount', type: 'string'),
    new OA\Property(property: 'student', type: 'string'), new OA\Property(property: 'attempt', type: 'integer'),
    new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'),
    new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer', description: "The scale's own."),
    new OA\Property(property: 'error_g', type: 'number'), new OA\Property(property: 'error_pct', type: 'number'),
    new OA\Property(property: 'tolerances', type: 'number', description: 'The error in tolerances, signed; for drawing.'),
    new OA\Property(property: 'target_g', type: 'number'), new OA\Property(property: 'target_decimals', type: 'integer'),
    new OA\Property(property: 'tolerance_g', type: 'number'), new OA\Property(property: 'low_g', type: 'number'), new OA\Property(property: 'high_g', type: 'number'),
    new OA\Property(property: 'scale_u_g', type: 'number', description: 'The reading means grams - U to grams + U.'),
    new OA\Property(property: 'scale', type: 'string'), new OA\Property(property: 'step_g', type: 'number'),
    new OA\Property(property: 'advice', type: 'string', nullable: true, description: 'When the scale is too coarse for this amount.'),
    new OA\Property(property: 'technique', required: ['expected_g', 'error_g', 'error_pct', 'verdict'], type: 'object', nullable: true, description: 'Against what good technique gives with these very tools.', properties: [
        new OA\Property(property: 'expected_g', type: 'number'), new OA\Property(property: 'error_g', type: 'number'),
        new OA\Property(property: 'error_pct', type: 'number'), new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'),
    ]),
    new OA\Property(property: 'ticked', type: 'array', items: new OA\Items(type: 'string'), description: 'Step ids seen done.'),
    new OA\Property(property: 'earlier', type: 'array', items: new OA\Items(required: ['grams', 'decimals'], type: 'object', properties: [
        new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    ]), description: "This station's earlier weighings of the line."),
    new OA\Property(property: 'gain', type: 'string', nullable: true, description: 'How much closer than the attempt before.'), new OA\Property(property: 'predicted', type: 'string', nullable: true, description: 'What the student expected.'),
    new OA\Property(property: 'working', type: 'array', items: new OA\Items(type: 'string'), description: 'How the target and the band came about.'),
])]
final class VerdictResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $weighing = $this->resource;
        $line = $weighing->line;
        $judgement = $weighing->judgement();
        [$low, $high] = $judgement->band();
        $advice = Explanation::advice($judgement->fitness);
        $technique = $judgement->technique;
        $working = FrozenLines::working($line);
        $before = $weighing->earlier()->last();
        $gain = $before === null || $weighing->corrects_id !== null ? null : Gain::of($judgement->target, (float) $before->grams, $judgement->reading->grams);

        return [
            'id' => $weighing->id,
            'line_id' => $line->id,
            'name' => Said::ingredient($line->ingredient_id),
            'family' => $line->family,
            'amount' => Said::frozen($line->measure),
            'student' => $weighing->student->name,
            'attempt' => $weighing->attempt,
            'verdict' => $weighing->verdict,
            'grams' => $judgement->reading->grams,
            'decimals' => Explanation::scaleDecimals($judgement),
            'error_g' => $judgement->errorG,
            'error_pct' => $judgement->errorPct,
            'tolerances' => $judgement->target->inTolerances($judgement->errorG),
            'target_g' => $judgement->target->grams,
            'target_decimals' => Explanation::targetDecimals($judgement),
            'tolerance_g' => $judgement->target->toleranceG(),
            'low_g' => $low,
            'high_g' => $high,
            'scale_u_g' => $judgement->uncertaintyG,
            'scale' => $weighing->scale->name,
            'step_g' => (float) $weighing->readability_g,
            'advice' => $advice === null ? null : Said::phrase($advice),
            'technique' => $technique === null ? null : [
                'expected_g' => $technique->expectedG, 'error_g' => $technique->errorG, 'error_pct' => $technique->errorPct, 'verdict' => $technique->verdict->value,
            ],
            'ticked' => $weighing->ticked,
            'gain' => $gain === null ? null : Said::phrase($gain),
            'predicted' => $weighing->predicted,
            'earlier' => $weighing->earlier()
                ->map(fn (Weighing $earlier): array => ['grams' => (float) $earlier->grams, 'decimals' => $earlier->decimals()])->all(),
            'working' => [...$working['how'], ...array_map(Said::phrase(...), Explanation::of($judgement)), ...$working['source']],
        ];
    }
}
