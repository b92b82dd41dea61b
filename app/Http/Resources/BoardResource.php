<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Labs\FrozenLines;
use App\Models\Lab;
use App\Models\Section;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Weighing\Target;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

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
        $section = $lab->section;
        $lines = FrozenLines::of($lab);
        $rows = self::weighings($lab);
        $decimals = $rows->keyBy('readability_g')->map(fn (stdClass $row): int => min(2, (new Scale((float) $row->readability_g))->decimals()));
        $weighings = $rows->map(fn (stdClass $row): array => self::weighing($row, $lines->targets[$row->line_id] ?? throw new \LogicException, $decimals[$row->readability_g]));

        return [
            'lab' => [
                'id' => $lab->id, 'title' => $lab->title, 'state' => $lab->state,
                'opened_at' => $lab->opened_at?->toJSON(), 'closed_at' => $lab->closed_at?->toJSON(),
            ],
            'section' => $section->name,
            'time_zone' => $section->kitchen->time_zone,
            'lines' => $lines->shown,
            'stations' => self::stations($section),
            'weighings' => $weighings->all(),
            'totals' => self::totals($weighings),
        ];
    }

    /**
     * Nothing here is conditional, so hundreds of rows need no sifting for what to leave out.
     *
     * @return array<string, mixed>
     */
    public function resolve($request = null): array
    {
        return $this->toArray($request ?? request());
    }

    /** @return list<array<string, mixed>> */
    private static function stations(Section $section): array
    {
        return array_values($section->stations()->toBase()->leftJoin('students', 'students.station_id', '=', 'stations.id')
            ->orderBy('students.roster_number')->get(['stations.id', 'stations.name', 'students.name as student'])
            ->groupBy('id')->map(fn (Collection $seats): array => [
                'id' => $seats->value('id'), 'name' => $seats->value('name'), 'students' => $seats->pluck('student')->filter()->values()->all(),
            ])->all());
    }

    /**
     * Rows, not models: a full board has hundreds, and it is asked for after every weigh-in.
     *
     * @return Collection<int, stdClass>
     */
    private static function weighings(Lab $lab): Collection
    {
        return DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')->join('students', 'students.id', '=', 'weighings.student_id')
            ->where('lab_lines.lab_id', $lab->id)->orderBy('lab_lines.position')->orderBy('weighings.attempt')
            ->get(['weighings.id', 'weighings.lab_line_id as line_id', 'weighings.station_id', 'students.name as student', 'attempt', 'verdict', 'grams', 'readability_g', 'error_g', 'error_pct', 'scale_u_g',
                DB::raw("DATE_FORMAT(weighings.created_at, '%Y-%m-%dT%H:%i:%s.%fZ') AS at")]);
    }

    /** @return array<string, mixed> */
    private static function weighing(stdClass $row, Target $target, int $decimals): array
    {
        return [
            'id' => $row->id,
            'line_id' => $row->line_id,
            'station_id' => $row->station_id,
            'student' => $row->student,
            'attempt' => $row->attempt,
            'verdict' => $row->verdict,
            'grams' => (float) $row->grams,
            'decimals' => $decimals,
            'error_g' => (float) $row->error_g,
            'error_pct' => (float) $row->error_pct,
            'tolerances' => $target->inTolerances((float) $row->error_g),
            'scale_u_g' => (float) $row->scale_u_g,
            'at' => $row->at,
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
