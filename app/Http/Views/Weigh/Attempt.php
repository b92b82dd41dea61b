<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Lab\BoardWeighing;
use App\Http\Views\View;
use App\Labs\LabWords;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\Station;
use Hovik\Core\Drawer\Scale;
use Illuminate\Support\Facades\DB;
use stdClass;

final readonly class Attempt extends View
{
    /**
     * @param  'level'|'heaped'|'shy'|'too-close'  $verdict
     * @param  'teacher'|'student'|null  $put_right  it stands for a wrong entry, which this one corrected
     * @param  float  $tolerances  the error in tolerances, signed; for drawing
     */
    public function __construct(
        public string $id,
        public int $attempt,
        public string $verdict,
        public float $tolerances,
        public string $student,
        public float $grams,
        public int $decimals,
        public bool $corrected,
        public ?string $put_right,
    ) {
    }

    /**
     * The same, of weighings that are at hand.
     *
     * @param  list<BoardWeighing>  $weighings  of a station
     * @return array<int, list<self>> by line
     */
    public static function ofBoard(array $weighings): array
    {
        $byLine = [];
        foreach ($weighings as $one) {
            $byLine[$one->line_id][] = new self(
                $one->id, $one->attempt, $one->verdict, $one->tolerances, $one->student, $one->grams, $one->decimals, $one->corrected,
                $one->put_right,
            );
        }

        return $byLine;
    }

    /** @return array<int, list<self>> of a station, by line */
    public static function byLine(Lab $lab, Station $station): array
    {
        $targets = LabWords::targets($lab);
        $rows = DB::table('weighings')->join('students', 'students.id', '=', 'weighings.student_id')
            ->where('weighings.station_id', $station->id)->whereIn(
                'weighings.lab_line_id', array_keys($targets),
            )->orderBy('weighings.attempt')
            ->get(
                [
                    'weighings.id', 'lab_line_id', 'attempt', 'verdict', 'grams', 'readability_g', 'error_g', 'corrects_id',
                    'weighings.teacher_id',
                    'students.name as student', DB::raw(LabEvent::TAKEN_BACK.' AS taken_back'),
                ],
            );
        $corrected = $rows->pluck('corrects_id')->filter()->flip();
        $byLine = [];
        foreach ($rows as $row) {
            /** @var stdClass $row */
            $byLine[$row->lab_line_id][] = new self(
                id: $row->id,
                attempt: $row->attempt,
                verdict: $row->verdict,
                tolerances: $targets[$row->lab_line_id]->inTolerances((float) $row->error_g),
                student: $row->student,
                grams: (float) $row->grams,
                decimals: min(2, (new Scale((float) $row->readability_g))->decimals()),
                corrected: $corrected->has($row->id) || (bool) $row->taken_back,
                put_right: $row->corrects_id === null ? null : ($row->teacher_id === null ? 'student' : 'teacher'),
            );
        }

        return $byLine;
    }
}
