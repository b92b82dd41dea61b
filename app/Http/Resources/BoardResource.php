<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use App\Models\Student;
use App\Models\Weighing;
use App\Words\Said;
use Hovik\Core\Quantity\ShownGrams;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;
use OpenApi\Attributes as OA;

/** @property Lab $resource */
#[OA\Schema(schema: 'Board', required: ['lab', 'section', 'time_zone', 'lines', 'stations', 'weighings', 'totals'], properties: [
    new OA\Property(property: 'lab', ref: '#/components/schemas/BoardLab'),
    new OA\Property(property: 'section', type: 'string'),
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoardLine')),
    new OA\Property(property: 'stations', type: 'array', items: new OA\Items(required: ['id', 'name', 'students'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'students', type: 'array', items: new OA\Items(type: 'string')),
    ])),
    new OA\Property(property: 'weighings', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoardWeighing'), description: 'Every attempt, by line, station and attempt.'),
    new OA\Property(property: 'totals', required: ['level', 'heaped', 'shy', 'too-close'], type: 'object', description: 'Cells by their latest verdict.', properties: [
        new OA\Property(property: 'level', type: 'integer'), new OA\Property(property: 'heaped', type: 'integer'),
        new OA\Property(property: 'shy', type: 'integer'), new OA\Property(property: 'too-close', type: 'integer'),
    ]),
])]
#[OA\Schema(schema: 'BoardLab', required: ['id', 'title', 'state', 'opened_at', 'closed_at'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'state', type: 'string', enum: ['prepared', 'open', 'closed']),
    new OA\Property(property: 'opened_at', type: 'string', nullable: true, format: 'date-time'), new OA\Property(property: 'closed_at', type: 'string', nullable: true, format: 'date-time'),
])]
#[OA\Schema(schema: 'BoardLine', required: ['id', 'name', 'amount', 'target_g', 'tolerance_g', 'decimals', 'working'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'amount', type: 'string', example: '1 3/4 cups'),
    new OA\Property(property: 'target_g', type: 'number'), new OA\Property(property: 'tolerance_g', type: 'number'),
    new OA\Property(property: 'decimals', type: 'integer', description: 'In which the target is shown.'),
    new OA\Property(property: 'working', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'BoardWeighing', required: ['id', 'line_id', 'station_id', 'student', 'attempt', 'verdict', 'grams', 'decimals', 'error_g', 'error_pct', 'tolerances', 'scale_u_g', 'at'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'line_id', type: 'integer'), new OA\Property(property: 'station_id', type: 'integer'),
    new OA\Property(property: 'student', type: 'string'), new OA\Property(property: 'attempt', type: 'integer'),
    new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'),
    new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'error_g', type: 'number'), new OA\Property(property: 'error_pct', type: 'number'),
    new OA\Property(property: 'tolerances', type: 'number', description: 'The error in tolerances, signed; for drawing.'),
    new OA\Property(property: 'scale_u_g', type: 'number'), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
])]
final class BoardResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $lab = $this->resource;
        /** @var Collection<int, string> $students */
        $students = $lab->section->stations->flatMap(fn (Station $station) => $station->students)->pluck('name', 'id');
        $weighings = $lab->lines->flatMap(fn (LabLine $line) => $line->weighings->map(
            fn (Weighing $weighing): array => self::weighing($weighing, $line, $students->get($weighing->student_id, '')),
        ))->values();

        return [
            'lab' => [
                'id' => $lab->id, 'title' => $lab->title, 'state' => $lab->state,
                'opened_at' => $lab->opened_at?->toJSON(), 'closed_at' => $lab->closed_at?->toJSON(),
            ],
            'section' => $lab->section->name,
            'time_zone' => $lab->section->kitchen->time_zone,
            'lines' => $lab->lines->map(self::line(...))->all(),
            'stations' => $lab->section->stations->map(fn (Station $station): array => [
                'id' => $station->id, 'name' => $station->name,
                'students' => $station->students->map(fn (Student $student): string => $student->name)->all(),
            ])->all(),
            'weighings' => $weighings->all(),
            'totals' => self::totals($weighings),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(LabLine $line): array
    {
        $target = $line->target();

        return [
            'id' => $line->id,
            'name' => Said::ingredient($line->ingredient_id),
            'amount' => Said::amount($line),
            'target_g' => $target->grams,
            'tolerance_g' => $target->toleranceG(),
            'decimals' => ShownGrams::of($target->grams)->getScale(),
            'working' => array_map(Said::frozen(...), $line->why_tools === null ? $line->working : [...$line->working, $line->why_tools]),
        ];
    }

    /** @return array<string, mixed> */
    private static function weighing(Weighing $weighing, LabLine $line, string $student): array
    {
        return [
            'id' => $weighing->id,
            'line_id' => $line->id,
            'station_id' => $weighing->station_id,
            'student' => $student,
            'attempt' => $weighing->attempt,
            'verdict' => $weighing->verdict,
            'grams' => (float) $weighing->grams,
            'decimals' => $weighing->decimals(),
            'error_g' => (float) $weighing->error_g,
            'error_pct' => (float) $weighing->error_pct,
            'tolerances' => $line->target()->inTolerances((float) $weighing->error_g),
            'scale_u_g' => (float) $weighing->scale_u_g,
            'at' => $weighing->created_at->toJSON(),
        ];
    }

    /**
     * @param  Collection<int, array<string, mixed>>  $weighings  in order of attempt within a cell
     * @return array<string, int>
     */
    private static function totals(Collection $weighings): array
    {
        $latest = $weighings->keyBy(fn (array $weighing): string => "{$weighing['line_id']}/{$weighing['station_id']}");

        return array_replace(['level' => 0, 'heaped' => 0, 'shy' => 0, 'too-close' => 0], $latest->countBy('verdict')->all());
    }
}
