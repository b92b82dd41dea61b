<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Labs\LabLog;
use App\Labs\LabWords;
use App\Models\Lab;
use App\Words\Said;
use Hovik\Core\Drawer\Scale;
use Hovik\Core\Safety\StationChecklist;
use Hovik\Core\Weighing\FirstTry;
use Hovik\Core\Words\Phrase;

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

    /** @return list<self> */
    public static function all(LabLog $log, Lab $lab): array
    {
        $targets = LabWords::targets($lab);
        $grams = array_column($log->weighings, 'grams', 'id');
        $all = $decimals = [];
        foreach ($log->weighings as $row) {
            $errorG = (float) $row->error_g;
            $putRight = $row->corrects_id === null ? null : ($row->teacher_id === null ? 'student' : 'teacher');
            $setUp = $log->tickedAt($row->station_id, StationChecklist::SetUp);
            $all[] = new self(
                id: $row->id,
                line_id: $row->line_id,
                station_id: $row->station_id,
                student: $row->student === '' ? Said::phrase(Phrase::of('student.former')) : $row->student,
                attempt: $row->attempt,
                verdict: $row->verdict,
                grams: (float) $row->grams,
                decimals: $decimals[$row->readability_g] ??= min(2, (new Scale((float) $row->readability_g))->decimals()),
                error_g: $errorG,
                error_pct: (float) $row->error_pct,
                tolerances: $targets[$row->line_id]->inTolerances($errorG),
                scale_u_g: (float) $row->scale_u_g,
                at: str_replace(' ', 'T', $row->created_at).'Z',
                source: $row->source,
                scale_checked: (bool) $row->scale_checked,
                together: $row->together,
                predicted: $row->predicted,
                corrected: $log->isWrong($row->id),
                before_set_up: $row->source !== 'paper' && ($setUp === null || $setUp > $row->created_at),
                put_right: $putRight,
                first_try: $putRight === 'student' && FirstTry::countsRetyped(
                    $targets[$row->line_id], (float) ($grams[$row->corrects_id] ?? 0), $log->isLetCount($row->id),
                ),
            );
        }

        return $all;
    }
}
