<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\Technique;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Words\Phrase;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use OpenApi\Attributes as OA;

/**
 * What a student or a station's tablet works by. A line's target is not in here.
 *
 * @property Student|Station $resource
 */
#[OA\Schema(schema: 'Kitchen', required: ['kind', 'name', 'section', 'station', 'students', 'lab', 'scales', 'lines'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['student', 'station']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'section', type: 'string'),
    new OA\Property(property: 'station', type: 'string', nullable: true, description: 'Null while the student has no place.'),
    new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['id', 'name'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
    ]), description: 'Who may be measuring: all of a station, or the student alone.'),
    new OA\Property(property: 'lab', required: ['id', 'title'], type: 'object', nullable: true, properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    ], description: 'Null while no lab is open.'),
    new OA\Property(property: 'scales', type: 'array', items: new OA\Items(required: ['id', 'name', 'step', 'decimals', 'checked'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'step', type: 'number', description: 'g'), new OA\Property(property: 'decimals', type: 'integer'),
        new OA\Property(property: 'checked', type: 'boolean'),
    ])),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/KitchenLine')),
])]
#[OA\Schema(schema: 'KitchenFill', required: ['kind', 'ml', 'count', 'nominal', 'to_mark', 'mark_ml', 'called'], properties: [
    new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'ml', type: 'number'), new OA\Property(property: 'count', type: 'integer'),
    new OA\Property(property: 'nominal', type: 'string', example: '1/2 cup'), new OA\Property(property: 'to_mark', type: 'string', nullable: true),
    new OA\Property(property: 'mark_ml', type: 'number', nullable: true), new OA\Property(property: 'called', type: 'string'),
])]
#[OA\Schema(schema: 'KitchenLine', required: ['id', 'name', 'family', 'amount', 'recipe_says', 'weigh_out', 'fills', 'fetch', 'why_tools', 'steps', 'watch', 'cautions', 'fit_scales', 'attempts'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'family', type: 'string'),
    new OA\Property(property: 'amount', type: 'string', example: '2 tbsp + 2 tsp', description: 'As a cook measures it.'),
    new OA\Property(property: 'recipe_says', type: 'string', example: '1/6 cup'),
    new OA\Property(property: 'weigh_out', type: 'string', nullable: true, description: 'Of a line that is weighed out, not measured: how much. Elsewhere no target is told before the weight is in.'),
    new OA\Property(property: 'fills', type: 'array', items: new OA\Items(ref: '#/components/schemas/KitchenFill')),
    new OA\Property(property: 'fetch', type: 'array', items: new OA\Items(type: 'string'), description: 'Tools, then helpers, by name.'),
    new OA\Property(property: 'why_tools', type: 'string', nullable: true, description: 'Why these tools, in a sentence.'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(required: ['id', 'text', 'why'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'why', type: 'string'),
    ])),
    new OA\Property(property: 'watch', required: ['text', 'leads_to'], type: 'object', nullable: true, description: 'The mistake most worth warning of, and the verdict it leads to.', properties: [
        new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'leads_to', ref: '#/components/schemas/VerdictWord'),
    ]),
    new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'fit_scales', type: 'array', items: new OA\Items(type: 'integer'), description: 'Scales fine enough to judge this line.'),
    new OA\Property(property: 'attempts', type: 'array', items: new OA\Items(required: ['id', 'attempt', 'verdict', 'tolerances', 'student'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'attempt', type: 'integer'),
        new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'), new OA\Property(property: 'tolerances', type: 'number'),
        new OA\Property(property: 'student', type: 'string'),
    ]), description: "This station's, first to last."),
])]
#[OA\Schema(schema: 'VerdictWord', type: 'string', enum: ['level', 'heaped', 'shy', 'too-close'])]
final class KitchenResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $actor = $this->resource;
        $station = $actor instanceof Station ? $actor : $actor->station;
        $section = $actor->section;
        $lab = $station === null ? null : $section->openLab;
        $students = $actor instanceof Station ? $actor->students : new Collection([$actor]);

        return [
            'kind' => $actor instanceof Station ? 'station' : 'student',
            'name' => $actor->name,
            'section' => $section->name,
            'station' => $station?->name,
            'students' => $students->map(fn (Student $student): array => ['id' => $student->id, 'name' => $student->name])->all(),
            'lab' => $lab === null ? null : ['id' => $lab->id, 'title' => $lab->title],
            'scales' => $lab === null ? [] : $section->kitchen->scales->map(self::scale(...))->all(),
            'lines' => $station === null || $lab === null ? [] : self::lines($lab, $station, $section->kitchen->scales),
        ];
    }

    /** @return array<string, mixed> */
    private static function scale(Scale $scale): array
    {
        $core = $scale->toCore();

        return ['id' => $scale->id, 'name' => $scale->name, 'step' => $core->readabilityG, 'decimals' => $core->decimals(), 'checked' => $scale->checked_on !== null];
    }

    /**
     * @param  Collection<int, Scale>  $scales
     * @return list<array<string, mixed>>
     */
    private static function lines(Lab $lab, Station $station, Collection $scales): array
    {
        $lab->load(['lines.weighings' => fn ($query) => $query->where('station_id', $station->id), 'lines.weighings.student']);

        return array_values($lab->lines->map(fn (LabLine $line): array => [
            'id' => $line->id,
            'name' => Said::ingredient($line->ingredient_id),
            'family' => $line->family,
            'amount' => Said::frozen($line->measure),
            'recipe_says' => Said::amount($line),
            'weigh_out' => in_array(Step::Weigh->value, $line->steps, true) ? Said::phrase(Phrase::of('weigh.out', ['grams' => ShownGrams::of((float) $line->target_g)])) : null,
            'fills' => array_map(fn (array $fill): array => [
                'kind' => $fill['kind'], 'ml' => $fill['ml'], 'count' => $fill['count'], 'nominal' => $fill['nominal'],
                'to_mark' => $fill['to_mark'], 'mark_ml' => $fill['mark_ml'], 'called' => Said::frozen($fill['called']),
            ], $line->fills),
            'fetch' => self::fetch($line),
            'why_tools' => $line->why_tools === null ? null : Said::frozen($line->why_tools),
            'steps' => array_map(fn (string $step): array => ['id' => $step] + Said::step($step, $line), $line->steps),
            'watch' => $line->watch === null ? null : ['text' => Said::frozen($line->watch['phrase']), 'leads_to' => $line->watch['leads_to']],
            'cautions' => array_map(Said::frozen(...), $line->cautions),
            'fit_scales' => $scales->filter(fn (Scale $scale): bool => ScaleFitness::of($scale->toCore(), $line->target())->fit)->pluck('id')->values()->all(),
            'attempts' => $line->weighings->map(fn (Weighing $weighing): array => [
                'id' => $weighing->id, 'attempt' => $weighing->attempt, 'verdict' => $weighing->verdict,
                'tolerances' => $line->target()->inTolerances((float) $weighing->error_g), 'student' => $weighing->student->name,
            ])->all(),
        ])->all());
    }

    /** @return list<string> */
    private static function fetch(LabLine $line): array
    {
        $helpers = (new Technique(array_map(Step::from(...), $line->steps), null, []))->helpers();

        return [
            ...array_map(fn (array $fill): string => Said::frozen($fill['called']), $line->fills),
            ...array_map(fn (string $helper): string => Said::phrase(Phrase::of("helper.$helper")), $helpers),
        ];
    }
}
