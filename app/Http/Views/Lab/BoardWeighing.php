<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Labs\LabWords;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\Station;
use App\Words\Said;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Weighing\FirstTry;
use Hovik\Core\Words\Phrase;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

final readonly class BoardWeighing extends View
{
    /**
     * @param  'level'|'heaped'|'shy'|'too-close'  $verdict
     * @param  float  $tolerances  the error in tolerances, signed; for drawing
     * @param  'typed'|'scale'|'practice'|'paper'  $source
     * @param  'level'|'heaped'|'shy'|null  $predicted
     * @param  bool  $before_set_up  it came before the station had set up: stored all the same, and told
     * @param  bool  $corrected  a wrong entry, kept: a later one stands for it, or it was taken back
     * @param  'teacher'|'student'|null  $put_right  it stands for a wrong entry; by the student: typed again after the result
     * @param  bool  $first_try  typed again, and it counts as the first try all the same
     */
    public function __construct(
        public string $id,
        public int $line_id,
        public int $station_id,
        public string $student,
        public int $attempt,
        public string $verdict,
        public float $grams,
        public int $decimals,
        public float $error_g,
        public float $error_pct,
        public float $tolerances,
        public float $scale_u_g,
        public string $at,
        public string $source,
        public bool $scale_checked,
        public int $together,
        public ?string $predicted,
        public bool $corrected,
        public bool $before_set_up,
        public ?string $put_right,
        public bool $first_try,
    ) {
    }

    private const COLUMNS = [
        'weighings.id', 'weighings.lab_line_id as line_id', 'weighings.station_id', 'students.name as student', 'attempt',
        'verdict', 'grams',
        'readability_g', 'error_g', 'error_pct', 'scale_u_g', 'weighings.source', 'scale_checked', 'together', 'predicted', 'corrects_id',
        'weighings.received_at', 'weighings.teacher_id',
    ];

    /**
     * Rows, not models: a full board has hundreds, and it is asked for after every weigh-in.
     *
     * @return Collection<int, stdClass>
     */
    public static function rows(Lab $lab, ?Station $only = null): Collection
    {
        return DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
            ->join('students', 'students.id', '=', 'weighings.student_id')
            ->leftJoin('station_checks', fn (JoinClause $set) => $set->on('station_checks.station_id', '=', 'weighings.station_id')
                ->where('station_checks.lab_id', $lab->id)->where('station_checks.kind', StationChecklist::SetUp->value))
            ->where('lab_lines.lab_id', $lab->id)
            ->when($only, fn (Builder $query) => $query->where('weighings.station_id', $only?->id))
            ->orderBy('lab_lines.position')->orderBy('weighings.attempt')
            ->get([
                ...self::COLUMNS,
                DB::raw('UNIX_TIMESTAMP(weighings.created_at) AS at_s'),
                DB::raw(LabEvent::TAKEN_BACK.' AS taken_back'),
                DB::raw(LabEvent::FIRST_TRY.' AS let_count'),
                DB::raw('station_checks.id IS NULL OR station_checks.created_at > weighings.created_at AS before_set_up'),
                DB::raw("DATE_FORMAT(weighings.created_at, '%Y-%m-%dT%H:%i:%s.%fZ') AS at"),
            ]);
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return list<self>
     */
    public static function all(Collection $rows, Lab $lab): array
    {
        $corrected = $rows->pluck('corrects_id')->filter()->flip();
        $targets = LabWords::targets($lab);
        $decimals = $rows->keyBy('readability_g')->map(
            fn (stdClass $row): int => min(2, (new Scale((float) $row->readability_g))->decimals()),
        );
        $byId = $rows->keyBy('id');
        $all = [];
        $former = Said::phrase(Phrase::of('student.former'));
        foreach ($rows as $row) {
            $errorG = (float) $row->error_g;
            $putRight = $row->corrects_id === null ? null : ($row->teacher_id === null ? 'student' : 'teacher');
            $all[] = new self(
                id: $row->id,
                line_id: $row->line_id,
                station_id: $row->station_id,
                student: $row->student === '' ? $former : $row->student,
                attempt: $row->attempt,
                verdict: $row->verdict,
                grams: (float) $row->grams,
                decimals: $decimals[$row->readability_g],
                error_g: $errorG,
                error_pct: (float) $row->error_pct,
                tolerances: $targets[$row->line_id]->inTolerances($errorG),
                scale_u_g: (float) $row->scale_u_g,
                at: $row->at,
                source: $row->source,
                scale_checked: (bool) $row->scale_checked,
                together: $row->together,
                predicted: $row->predicted,
                corrected: $corrected->has($row->id) || (bool) $row->taken_back,
                before_set_up: (bool) $row->before_set_up && $row->source !== 'paper',
                put_right: $putRight,
                first_try: $putRight === 'student' && FirstTry::countsRetyped(
                    $targets[$row->line_id], (float) ($byId[$row->corrects_id]->grams ?? 0), (bool) $row->let_count,
                ),
            );
        }

        return $all;
    }
}
