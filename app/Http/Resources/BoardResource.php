<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Labs\FrozenLines;
use App\Labs\StationStates;
use App\Models\Lab;
use App\Models\Scale as KitchenScale;
use App\Models\ScaleCheck;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Weighing\Target;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

/** @property Lab $resource */
#[OA\Schema(schema: 'Board', required: ['lab', 'section', 'time_zone', 'lines', 'stations', 'scales', 'weighings', 'totals'], properties: [
    new OA\Property(property: 'lab', ref: '#/components/schemas/BoardLab'),
    new OA\Property(property: 'section', type: 'string'),
    new OA\Property(property: 'time_zone', type: 'string'),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoardLine')),
    new OA\Property(property: 'stations', type: 'array', items: new OA\Items(required: ['id', 'name', 'students', 'members', 'set_up', 'clean_up', 'ready_at', 'help_at', 'left', 'released', 'counted', 'stuck', 'last_at', 'out', 'dropped', 'timers', 'sent_back', 'checked', 'seen', 'notes'], type: 'object', properties: [
        new OA\Property(property: 'ready_at', type: 'number', nullable: true, description: 's since 1970: it asked for its check'), new OA\Property(property: 'help_at', type: 'number', nullable: true, description: 's since 1970: its hand went up'),
        new OA\Property(property: 'left', type: 'array', description: 'Lines to be measured yet, or again.', items: new OA\Items(type: 'integer')), new OA\Property(property: 'released', type: 'boolean'), new OA\Property(property: 'counted', type: 'boolean', description: 'Its tools are counted back.'),
        new OA\Property(property: 'stuck', required: ['why', 'line'], type: 'object', nullable: true, properties: [new OA\Property(property: 'why', type: 'string', enum: ['misses', 'quiet']), new OA\Property(property: 'line', type: 'integer', nullable: true)]),
        new OA\Property(property: 'last_at', type: 'number', nullable: true), new OA\Property(property: 'out', type: 'array', description: 'Lines whose shared supply it has.', items: new OA\Items(type: 'integer')), new OA\Property(property: 'dropped', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'timers', type: 'array', items: new OA\Items(required: ['id', 'label', 'ends_at'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'ends_at', type: 'number')])),
        new OA\Property(property: 'sent_back', type: 'array', items: new OA\Items(required: ['line', 'reason'], type: 'object', properties: [new OA\Property(property: 'line', type: 'integer'), new OA\Property(property: 'reason', type: 'string')])), new OA\Property(property: 'checked', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'seen', type: 'array', description: 'Steps the teacher saw.', items: new OA\Items(required: ['line', 'step', 'seen'], type: 'object', properties: [new OA\Property(property: 'line', type: 'integer'), new OA\Property(property: 'step', type: 'string'), new OA\Property(property: 'seen', type: 'string', enum: ['done', 'not-done', 'unseen'])])),
        new OA\Property(property: 'notes', type: 'array', items: new OA\Items(required: ['at', 'text'], type: 'object', properties: [new OA\Property(property: 'at', type: 'number'), new OA\Property(property: 'text', type: 'string')])),
        new OA\Property(property: 'members', type: 'array', items: new OA\Items(required: ['id', 'name'], type: 'object', properties: [new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string')])),
        new OA\Property(property: 'set_up', type: 'boolean', description: 'Its check is recorded.'), new OA\Property(property: 'clean_up', type: 'boolean'),
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'students', type: 'array', items: new OA\Items(type: 'string')),
    ])),
    new OA\Property(property: 'scales', type: 'array', items: new OA\Items(required: ['id', 'name', 'checked', 'passed'], type: 'object', properties: [new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'checked', type: 'boolean', description: 'Today, against a known weight.'), new OA\Property(property: 'passed', type: 'boolean')])),
    new OA\Property(property: 'weighings', type: 'array', items: new OA\Items(ref: '#/components/schemas/BoardWeighing'), description: 'Every attempt, by line, station and attempt.'),
    new OA\Property(property: 'totals', required: ['level', 'heaped', 'shy', 'too-close'], type: 'object', description: 'Cells by their latest verdict.', properties: [
        new OA\Property(property: 'level', type: 'integer'), new OA\Property(property: 'heaped', type: 'integer'),
        new OA\Property(property: 'shy', type: 'integer'), new OA\Property(property: 'too-close', type: 'integer'),
    ]),
])]
#[OA\Schema(schema: 'BoardLab', required: ['id', 'title', 'state', 'opened_at', 'closed_at', 'paused'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'state', type: 'string', enum: ['prepared', 'open', 'closed']),
    new OA\Property(property: 'paused', type: 'boolean'),
    new OA\Property(property: 'opened_at', type: 'string', nullable: true, format: 'date-time'), new OA\Property(property: 'closed_at', type: 'string', nullable: true, format: 'date-time'),
])]
#[OA\Schema(schema: 'BoardLine', required: ['id', 'name', 'family', 'steps', 'shared', 'amount', 'target_g', 'tolerance_g', 'decimals', 'working'], properties: [
    new OA\Property(property: 'family', type: 'string', description: 'Opens its page of the technique library.'),
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'amount', type: 'string', example: '1 3/4 cups'),
    new OA\Property(property: 'target_g', type: 'number'), new OA\Property(property: 'tolerance_g', type: 'number'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(required: ['id', 'text'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'text', type: 'string')])), new OA\Property(property: 'shared', type: 'boolean'),
    new OA\Property(property: 'decimals', type: 'integer', description: 'In which the target is shown.'),
    new OA\Property(property: 'working', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'BoardWeighing', required: ['id', 'line_id', 'station_id', 'student', 'attempt', 'verdict', 'grams', 'decimals', 'error_g', 'error_pct', 'tolerances', 'scale_u_g', 'at', 'source', 'scale_checked', 'together', 'predicted', 'corrected'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'line_id', type: 'integer'), new OA\Property(property: 'station_id', type: 'integer'),
    new OA\Property(property: 'student', type: 'string'), new OA\Property(property: 'attempt', type: 'integer'),
    new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'),
    new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'),
    new OA\Property(property: 'error_g', type: 'number'), new OA\Property(property: 'error_pct', type: 'number'),
    new OA\Property(property: 'tolerances', type: 'number', description: 'The error in tolerances, signed; for drawing.'),
    new OA\Property(property: 'source', type: 'string', enum: ['typed', 'scale', 'practice', 'paper']), new OA\Property(property: 'scale_checked', type: 'boolean'), new OA\Property(property: 'together', type: 'integer'), new OA\Property(property: 'predicted', type: 'string', nullable: true),
    new OA\Property(property: 'corrected', type: 'boolean', description: 'A wrong entry, kept; a later one stands for it.'),
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
        $today = ScaleCheck::today($section->kitchen);
        $rows = self::weighings($lab);
        $decimals = $rows->keyBy('readability_g')->map(fn (stdClass $row): int => min(2, (new Scale((float) $row->readability_g))->decimals()));
        $corrected = $rows->pluck('corrects_id')->filter()->flip();
        $weighings = $rows->map(fn (stdClass $row): array => ['corrected' => $corrected->has($row->id)] + self::weighing($row, $lines->targets[$row->line_id] ?? throw new \LogicException, $decimals[$row->readability_g]));

        return [
            'lab' => [
                'id' => $lab->id, 'title' => $lab->title, 'state' => $lab->state,
                'paused' => $lab->paused_at !== null,
                'opened_at' => $lab->opened_at?->toJSON(), 'closed_at' => $lab->closed_at?->toJSON(),
            ],
            'section' => $section->name,
            'time_zone' => $section->kitchen->time_zone,
            'lines' => $lines->shown,
            'stations' => self::stations($lab, $rows->reject(fn (stdClass $row): bool => $corrected->has($row->id))),
            'scales' => $section->kitchen->scales->map(fn (KitchenScale $scale): array => ['id' => $scale->id, 'name' => $scale->name, 'checked' => isset($today[$scale->id]), 'passed' => $today[$scale->id] ?? false])->all(),
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

    /**
     * @param  Collection<int, stdClass>  $weighings  that count
     * @return list<array<string, mixed>>
     */
    private static function stations(Lab $lab, Collection $weighings): array
    {
        $checks = $lab->checks()->toBase()->get(['station_id', 'kind'])->map(fn (stdClass $check): string => "$check->station_id $check->kind")->flip();

        $states = StationStates::of($lab, null, $weighings->values());
        $lines = array_column(FrozenLines::of($lab)->shown, 'id');

        return array_values($lab->section->stations()->toBase()->leftJoin('students', 'students.station_id', '=', 'stations.id')
            ->orderBy('students.roster_number')->get(['stations.id', 'stations.name', 'students.name as student', 'students.id as student_id'])
            ->groupBy('id')->map(fn (Collection $seats): array => [
                'id' => $seats->value('id'), 'name' => $seats->value('name'), 'students' => $seats->pluck('student')->filter()->values()->all(),
                'members' => array_values($seats->filter(fn (stdClass $seat): bool => $seat->student_id !== null)->map(fn (stdClass $seat): array => ['id' => $seat->student_id, 'name' => $seat->student])->all()),
                'set_up' => $checks->has($seats->value('id').' set-up'), 'clean_up' => $checks->has($seats->value('id').' clean-up'),
            ] + self::state($states[(int) $seats->value('id')] ?? StationState::after([]), $lab, $lines))->all());
    }

    /**
     * @param  list<int>  $lines
     * @return array<string, mixed>
     */
    private static function state(StationState $state, Lab $lab, array $lines): array
    {
        return [
            'ready_at' => $state->readySince, 'help_at' => $state->helpSince, 'left' => $state->left($lines), 'released' => $state->isReleased, 'counted' => $state->isCounted,
            'stuck' => $lab->isOpen() && $lab->paused_at === null ? $state->stuck($lines, (float) now()->format('U.v'), (float) ($lab->opened_at?->format('U') ?? 0)) : null,
            'last_at' => $state->lastAt, 'out' => array_keys($state->out), 'dropped' => array_keys($state->dropped),
            'timers' => array_map(static fn (string $id, array $timer): array => ['id' => $id, 'label' => $timer['label'], 'ends_at' => $timer['endsAt']], array_keys($state->timers), $state->timers),
            'sent_back' => array_map(static fn (int $line, string $reason): array => ['line' => $line, 'reason' => $reason], array_keys($state->sentBack), $state->sentBack),
            'checked' => array_keys($state->checked),
            'seen' => array_merge([], ...array_map(static fn (int $line, array $steps): array => array_map(static fn (string $step, string $seen): array => ['line' => $line, 'step' => $step, 'seen' => $seen], array_keys($steps), $steps), array_keys($state->seen), $state->seen)),
            'notes' => $state->notes,
        ];
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
            ->get(['weighings.id', 'weighings.lab_line_id as line_id', 'weighings.station_id', 'students.name as student', 'attempt', 'verdict', 'grams', 'readability_g', 'error_g', 'error_pct', 'scale_u_g', 'weighings.source', 'scale_checked', 'together', 'predicted', 'corrects_id',
                DB::raw('UNIX_TIMESTAMP(weighings.created_at) AS at_s'), DB::raw("DATE_FORMAT(weighings.created_at, '%Y-%m-%dT%H:%i:%s.%fZ') AS at")]);
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
            'source' => $row->source,
            'scale_checked' => (bool) $row->scale_checked,
            'together' => $row->together,
            'predicted' => $row->predicted,
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
