<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Labs\FrozenLines;
use App\Labs\ScalesFit;
use App\Labs\StationStates;
use App\Labs\ToolsAtHand;
use App\Models\Lab;
use App\Models\Scale;
use App\Models\ScaleCheck;
use App\Models\Section;
use App\Models\Station;
use App\Models\StationCheck;
use App\Models\Student;
use App\Words\Said;
use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Safety\StationCheck as Kind;
use Hovik\Core\Weighing\ScaleFitness;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

/**
 * What a student or a station's tablet works by. A line's target is not in here.
 *
 * @property Student|Station $resource
 */
#[OA\Schema(schema: 'Kitchen', required: ['kind', 'name', 'section', 'station_id', 'station', 'students', 'lab', 'set_up', 'clean_up', 'paused', 'asks_prediction', 'gate', 'help', 'timers', 'dropped', 'order', 'scales', 'lines'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['student', 'station']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'section', type: 'string'),
    new OA\Property(property: 'station_id', type: 'integer', nullable: true),
    new OA\Property(property: 'station', type: 'string', nullable: true, description: 'Null while the student has no place.'),
    new OA\Property(property: 'students', type: 'array', items: new OA\Items(required: ['id', 'name'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
    ]), description: 'Who may be measuring: all of a station, or the student alone.'),
    new OA\Property(property: 'lab', required: ['id', 'title'], type: 'object', nullable: true, properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    ], description: 'Null while no lab is open.'),
    new OA\Property(property: 'set_up', ref: '#/components/schemas/KitchenCheck', nullable: true, description: 'Before anything is measured; also of a lab that opens today.'),
    new OA\Property(property: 'clean_up', ref: '#/components/schemas/KitchenCheck', nullable: true, description: 'Of the open lab.'),
    new OA\Property(property: 'paused', type: 'boolean', description: 'The teacher has paused the lab.'), new OA\Property(property: 'asks_prediction', type: 'boolean'),
    new OA\Property(property: 'gate', required: ['ready', 'can_be_ready', 'released', 'directions'], type: 'object', nullable: true, description: 'Null while no lab is open.', properties: [
        new OA\Property(property: 'ready', type: 'boolean', description: 'Has asked for its check.'), new OA\Property(property: 'can_be_ready', type: 'boolean', description: 'Everything is weighed, nothing sent back.'),
        new OA\Property(property: 'released', type: 'boolean'), new OA\Property(property: 'directions', type: 'array', nullable: true, description: 'Of the recipe; null until the teacher has released the station.', items: new OA\Items(type: 'string')),
    ]),
    new OA\Property(property: 'help', type: 'boolean', description: 'Its hand is up.'),
    new OA\Property(property: 'timers', type: 'array', items: new OA\Items(required: ['id', 'label', 'ends_at'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'ends_at', type: 'number', description: 's since 1970')])),
    new OA\Property(property: 'order', type: 'array', description: 'Lines as the period plan has them at this station; free to change.', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'dropped', type: 'array', description: 'Tools on the floor, by id.', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'scales', type: 'array', items: new OA\Items(required: ['id', 'name', 'step', 'decimals', 'checked'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'step', type: 'number', description: 'g'), new OA\Property(property: 'decimals', type: 'integer'),
        new OA\Property(property: 'checked', type: 'boolean'),
    ])),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/KitchenLine')),
])]
#[OA\Schema(schema: 'KitchenCheck', required: ['lab_id', 'lab', 'done', 'by', 'items', 'care'], properties: [
    new OA\Property(property: 'lab_id', type: 'integer'), new OA\Property(property: 'lab', type: 'string'), new OA\Property(property: 'done', type: 'boolean'), new OA\Property(property: 'by', type: 'string', nullable: true, description: 'Who ticked it.'),
    new OA\Property(property: 'items', type: 'array', items: new OA\Items(required: ['id', 'said', 'how'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'said', type: 'string'), new OA\Property(property: 'how', type: 'string')])),
    new OA\Property(property: 'care', type: 'array', items: new OA\Items(type: 'string'), description: "Cautions of today's foods."),
])]
#[OA\Schema(schema: 'KitchenLine', required: ['id', 'name', 'family', 'amount', 'recipe_says', 'weigh_out', 'fills', 'fallen', 'fetch', 'why_tools', 'steps', 'watch', 'cautions', 'fit_scales', 'together', 'by_difference', 'pieces', 'shelf', 'sent_back', 'checked', 'attempts'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'family', type: 'string'),
    new OA\Property(property: 'amount', type: 'string', example: '2 tbsp + 2 tsp', description: 'As a cook measures it.'),
    new OA\Property(property: 'recipe_says', type: 'string', example: '1/6 cup'),
    new OA\Property(property: 'weigh_out', type: 'string', nullable: true, description: 'Of a line that is weighed out, not measured: how much. Elsewhere no target is told before the weight is in.'),
    new OA\Property(property: 'fills', type: 'array', description: 'As planned; while one of those lies on the floor, the next best tools for the same steps, where there are any.', items: new OA\Items(ref: '#/components/schemas/KitchenFill')),
    new OA\Property(property: 'fallen', type: 'array', description: 'Of the tools as planned: those on the floor.', items: new OA\Items(ref: '#/components/schemas/KitchenFill')),
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
    new OA\Property(property: 'together', type: 'object', description: 'By scale that is too coarse: so many measures on it at once; not there where a finer scale is better.', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
    new OA\Property(property: 'by_difference', type: 'boolean', description: 'It stays in its cup: weighed full, then empty.'),
    new OA\Property(property: 'pieces', type: 'integer', nullable: true, description: 'Of what is counted: each is ticked by itself.'),
    new OA\Property(property: 'shelf', type: 'string', nullable: true, description: 'Of a shared supply: there (on the shelf), ours, or out (at another station).'),
    new OA\Property(property: 'sent_back', type: 'string', nullable: true, description: 'Why the teacher sent it back; null once weighed again.'),
    new OA\Property(property: 'checked', type: 'boolean', description: 'The teacher has let it stand.'),
    new OA\Property(property: 'attempts', type: 'array', items: new OA\Items(required: ['id', 'attempt', 'verdict', 'tolerances', 'student', 'grams', 'decimals', 'corrected'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'attempt', type: 'integer'),
        new OA\Property(property: 'verdict', ref: '#/components/schemas/VerdictWord'), new OA\Property(property: 'tolerances', type: 'number'),
        new OA\Property(property: 'student', type: 'string'), new OA\Property(property: 'grams', type: 'number'), new OA\Property(property: 'decimals', type: 'integer'), new OA\Property(property: 'corrected', type: 'boolean', description: 'A wrong entry, replaced by a later one.'),
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

        // What others have taken from the shelf matters only where something stands on it.
        $frozen = $lab === null ? [] : FrozenLines::forStations($lab);
        $hasShelf = in_array(true, array_column($frozen, 'shared'), true);
        $states = $lab === null ? [] : StationStates::of($lab, $hasShelf ? null : $station);
        $own = $states[$station->id ?? 0] ?? StationState::after([]);
        $scales = $lab === null ? new Collection : $section->kitchen->scales;
        $today = $scales->isEmpty() ? [] : ScaleCheck::today($section->kitchen);

        return [
            'kind' => $actor instanceof Station ? 'station' : 'student',
            'name' => $actor->name,
            'section' => $section->name,
            'station_id' => $station?->id,
            'station' => $station?->name,
            'students' => $students->map(fn (Student $student): array => ['id' => $student->id, 'name' => $student->name])->all(),
            'lab' => $lab === null ? null : ['id' => $lab->id, 'title' => $lab->title],
            ...self::checks($station),
            ...self::day($section, $lab, $station, $own, array_column($frozen, 'id')),
            'scales' => $scales->map(fn (Scale $scale): array => self::scale($scale, $today[$scale->id] ?? false))->all(),
            'lines' => $station === null || $lab === null ? [] : self::lines($lab, $station, $frozen, $states, $own),
        ];
    }

    /**
     * How the station stands in its lab.
     *
     * @param  list<int>  $lines  ids
     * @return array<string, mixed>
     */
    private static function day(Section $section, ?Lab $lab, ?Station $station, StationState $state, array $lines): array
    {
        return [
            'paused' => $lab?->paused_at !== null,
            'asks_prediction' => $section->asks_prediction,
            'gate' => $lab === null || $station === null ? null : [
                'ready' => $state->readySince !== null,
                'can_be_ready' => $state->hasAll($lines),
                'released' => $state->isReleased,
                'directions' => $state->isReleased ? $lab->recipeVersion->directions ?? [] : null,
            ],
            'help' => $state->helpSince !== null,
            'timers' => array_map(static fn (string $id, array $timer): array => ['id' => $id, 'label' => $timer['label'], 'ends_at' => $timer['endsAt']], array_keys($state->timers), $state->timers),
            'order' => $lab->orders[$station->id ?? 0] ?? [],
            'dropped' => array_keys($state->dropped),
        ];
    }

    /** @return array{set_up: array<string, mixed>|null, clean_up: array<string, mixed>|null} */
    private static function checks(?Station $station): array
    {
        $found = ['set_up' => null, 'clean_up' => null];
        if ($station === null) {
            return $found;
        }
        foreach (['set_up' => Kind::SetUp, 'clean_up' => Kind::CleanUp] as $field => $kind) {
            $lab = StationCheck::labFor($station, $kind);
            if ($lab === null) {
                continue;
            }
            $done = $lab->doneAt($station)->firstWhere('kind', $kind);
            $found[$field] = ['lab_id' => $lab->id, 'lab' => $lab->title, 'done' => $done !== null, 'by' => $done?->student?->name] + FrozenLines::check($lab, $kind);
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private static function scale(Scale $scale, bool $checked): array
    {
        $core = $scale->toCore();

        return ['id' => $scale->id, 'name' => $scale->name, 'step' => $core->readabilityG, 'decimals' => $core->decimals(), 'checked' => $checked];
    }

    /**
     * @param  list<array<string, mixed>>  $frozen
     * @param  array<int, StationState>  $states
     * @return list<array<string, mixed>>
     */
    private static function lines(Lab $lab, Station $station, array $frozen, array $states, StationState $own): array
    {
        $fits = ScalesFit::of($lab);
        $targets = FrozenLines::of($lab)->targets;
        $weighings = DB::table('weighings')->join('students', 'students.id', '=', 'weighings.student_id')->where('weighings.station_id', $station->id)->whereIn('weighings.lab_line_id', array_keys($targets))
            ->orderBy('weighings.attempt')->get(['weighings.id', 'lab_line_id', 'attempt', 'verdict', 'grams', 'readability_g', 'error_g', 'corrects_id', 'students.name as student']);
        $corrected = $weighings->pluck('corrects_id')->filter()->flip();
        $byLine = $weighings->groupBy('lab_line_id');
        $lines = [];
        foreach ($frozen as $line) {
            $id = $line['id'];
            $target = $targets[$id] ?? throw new \LogicException;
            $fitness = $fits[$id];
            $lines[] = self::tools($lab, $line, array_keys($own->dropped)) + array_diff_key($line, ['helpers' => 0, 'shared' => 0, 'one_spoon' => 0]) + [
                'fit_scales' => ScalesFit::fit($fitness),
                // Several cups of butter on one scale would be more work than a finer scale.
                'together' => (object) ($line['one_spoon'] === true ? array_map(static fn (ScaleFitness $one): ?int => $one->weighTogether, array_filter($fitness, static fn (ScaleFitness $one): bool => $one->weighTogether !== null && ! $one->needsFinerScale())) : []),
                'shelf' => $line['shared'] === true ? self::shelf($id, $station, $states) : null,
                'sent_back' => $own->sentBack[$id] ?? null,
                'checked' => isset($own->checked[$id]),
                'attempts' => array_values(($byLine[$id] ?? new Collection)->map(fn (stdClass $row): array => [
                    'id' => $row->id, 'attempt' => $row->attempt, 'verdict' => $row->verdict, 'tolerances' => $target->inTolerances((float) $row->error_g), 'student' => $row->student,
                    'grams' => (float) $row->grams, 'decimals' => min(2, (new CoreScale((float) $row->readability_g))->decimals()), 'corrected' => $corrected->has($row->id),
                ])->all()),
            ];
        }

        return $lines;
    }

    /**
     * What to measure with: as planned, or else while some of it lies on the floor.
     *
     * @param  array<string, mixed>  $line  frozen
     * @param  list<string>  $dropped  tools by id
     * @return array<string, mixed>
     */
    private static function tools(Lab $lab, array $line, array $dropped): array
    {
        $fallen = array_values(array_filter($line['fills'], static fn (array $fill): bool => in_array($fill['tool'], $dropped, true)));
        $other = $fallen === [] ? null : ToolsAtHand::instead($lab->lines->findOrFail($line['id']), $dropped);
        $fills = $other === null ? $line['fills'] : array_map(KitchenFill::of(...), $other->fills);

        return ['fills' => $fills, 'fallen' => $fallen, 'fetch' => [...array_column($fills, 'called'), ...$line['helpers']]] + ($other === null ? [] : ['why_tools' => Said::phrase($other->why)]);
    }

    /** @param  array<int, StationState>  $states */
    private static function shelf(int $line, Station $station, array $states): string
    {
        $holders = array_keys(array_filter($states, static fn (StationState $state): bool => isset($state->out[$line])));

        return $holders === [] ? 'there' : (in_array($station->id, $holders, true) ? 'ours' : 'out');
    }
}
