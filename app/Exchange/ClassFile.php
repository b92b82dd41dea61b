<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Http\Views\Review\ReviewPage;
use App\Models\LabLine;
use App\Models\Mark;
use App\Models\Section;
use App\Models\ToolCheck;
use App\Review\ClassReview;
use App\Review\KeepTerm;
use App\Review\TermPart;
use App\Words\Said;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Marks\Attendance;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Review\ReadsAs;
use Hovik\Core\Words\DecimalSign;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A class's work as tables for a spreadsheet, in the reader's language and with the reader's decimal sign. */
final readonly class ClassFile
{
    public function __construct(private Section $section, private KeepTerm $keeping)
    {
    }

    public function csv(FileKind $kind, DecimalSign $sign): string
    {
        [$head, $rows] = match ($kind) {
            FileKind::Weighings => $this->weighings(),
            FileKind::Results => $this->results(),
            FileKind::Marks => $this->marks(),
            FileKind::Checks => $this->checks(),
            FileKind::Practice => $this->practice(),
        };

        return Csv::of(array_map(static fn (string $id): string => self::said("file.$id"), $head), $rows, $sign);
    }

    /** @return array{list<string>, list<list<mixed>>} */
    private function weighings(): array
    {
        $this->keeping->of($this->section);
        [$amounts, $tools, $foods] = [[], [], []];
        $lines = LabLine::query()->whereIn('lab_id', $this->section->labs()->reorder()->select('id'))->get()->keyBy('id');
        $rows = DB::table('weighings')->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')
            ->join('labs', 'labs.id', '=', 'lab_lines.lab_id')->join('students', 'students.id', '=', 'weighings.student_id')
            ->join('stations', 'stations.id', '=', 'weighings.station_id')->join('scales', 'scales.id', '=', 'weighings.scale_id')
            ->leftJoin('term_weighings', 'term_weighings.weighing_id', '=', 'weighings.id')
            ->leftJoin('diagnoses', 'diagnoses.weighing_id', '=', 'weighings.id')
            ->where('labs.section_id', $this->section->id)->orderBy('weighings.created_at')->orderBy('weighings.id')
            ->get([
                'weighings.created_at', 'labs.title', 'labs.planned_for', 'students.name', 'students.roster_number',
                'stations.name as station', 'stations.home_id', 'weighings.station_id', 'lab_lines.ingredient_id', 'weighings.lab_line_id',
                'lab_lines.target_g', 'grams', 'error_g', 'error_pct',
                'weighings.verdict', 'nth', 'attempt', 'scales.name as scale', 'cause',
            ]);
        $verdicts = [];
        $all = [];
        foreach ($rows as $row) {
            /** @var stdClass $row */
            $place = $row->home_id ?? $row->station_id;
            $line = $lines[$row->lab_line_id] ?? null;
            $amounts[$row->lab_line_id] ??= $line === null ? '' : Said::measure($line->frozen->measure);
            $plan = isset($tools["$row->lab_line_id $place"]) ? null : $line?->frozen->at($place)->way()->plan;
            $tools["$row->lab_line_id $place"] ??= $plan === null ? '' : Said::plan($plan);
            $foods[$row->ingredient_id] ??= Said::ingredient($row->ingredient_id);
            $verdicts[$row->verdict] ??= self::said("verdict.$row->verdict");
            $all[] = [
                $row->planned_for, $row->created_at, $row->title, self::name($row->name), $row->roster_number, $row->station,
                $foods[$row->ingredient_id], $amounts[$row->lab_line_id], $tools["$row->lab_line_id $place"], $row->scale,
                (float) $row->target_g, (float) $row->grams, (float) $row->error_g, (float) $row->error_pct, $verdicts[$row->verdict],
                $row->nth ?? $row->attempt, $row->cause === null ? null : self::said("cause.$row->cause"),
            ];
        }

        return [[
            'day', 'at', 'lab', 'student', 'number', 'station', 'food', 'amount', 'tool', 'scale', 'target', 'grams', 'error', 'error-pct',
            'result', 'try', 'cause',
        ], $all];
    }

    /** @return array{list<string>, list<list<mixed>>} */
    private function results(): array
    {
        $page = ReviewPage::of(ClassReview::of($this->section, $this->keeping, new TermPart), new TermPart);
        $numbers = $this->section->students()->pluck('roster_number', 'id');
        $all = [];
        foreach ($page->rows as $row) {
            foreach ($row->cells as $cell) {
                $all[] = [
                    $row->name, $numbers[$row->id] ?? null, self::said("family.$cell->family"), $cell->lines, $cell->level_first,
                    $cell->level_best, self::said("habit.{$cell->habit->value}"), ReadsAs::shown($cell->pct),
                    ReadsAs::shown($cell->spread_pct), self::said("habit.{$cell->best_habit->value}"),
                ];
            }
        }

        return [[
            'student', 'number', 'family', 'lines', 'level-first', 'level-best', 'reads', 'off-pct', 'spread-pct', 'reads-best',
        ], $all];
    }

    /** @return array{list<string>, list<list<mixed>>} */
    private function marks(): array
    {
        $all = [];
        foreach (Mark::query()->with(['lab', 'student'])->get()->whereIn('lab_id', $this->section->labs()->pluck('id'))
            ->filter(static fn (Mark $mark): bool => $mark->accepted_at !== null)
            ->sortBy(static fn (Mark $mark): array => [$mark->lab->planned_for->toDateString(), $mark->student->roster_number]) as $mark) {
            $start = [
                $mark->lab->planned_for->toDateString(), $mark->lab->title, self::name($mark->student->name), $mark->student->roster_number,
                $mark->score, self::said('attendance.'.($mark->sheet->attendance ?? Attendance::Here)->value),
            ];
            foreach ($mark->sheet->criteria ?? [] as $one) {
                $all[] = [
                    ...$start, Said::phrase($one->criterion->said()), $one->points(), $one->criterion->weight, $one->workedOut,
                    $one->override?->reason,
                ];
            }
            if (($mark->sheet->criteria ?? []) === []) {
                $all[] = [...$start, null, null, null, null, null];
            }
        }

        return [['day', 'lab', 'student', 'number', 'score', 'here', 'part', 'points', 'of', 'worked-out', 'reason'], $all];
    }

    /** @return array{list<string>, list<list<mixed>>} */
    private function checks(): array
    {
        $kitchen = $this->section->kitchen;
        $all = [];
        foreach (ToolCheck::query()->with('teacher')->where('kitchen_id', $kitchen->id)->get()->sortBy('day') as $one) {
            $all[] = [
                $one->day->toDateString(), $one->name,
                Said::phrase(ToolCatalogue::tool($one->catalogue_id, MeasureStandard::UsCustomary)->called()), $one->place,
                (float) $one->true_ml,
                (float) $one->deviation_pct, (float) $one->u_pct, self::said("file.check.{$one->verdict->value}"), $one->teacher?->name,
            ];
        }
        $teachers = DB::table('teachers')->pluck('name', 'id');
        foreach ($kitchen->scales as $scale) {
            foreach ($scale->calibrations()->get()->sortBy('day') as $one) {
                $all[] = [
                    $one->day->toDateString(), $scale->name, self::said('file.a-scale'), null, null, (float) $one->span_pct, null,
                    self::said("file.check.{$one->verdict->value}"), $teachers[$one->teacher_id] ?? null,
                ];
            }
        }

        return [['day', 'name', 'kind', 'place', 'true-ml', 'deviation-pct', 'doubt-pct', 'result', 'by'], $all];
    }

    /** @return array{list<string>, list<list<mixed>>} */
    private function practice(): array
    {
        $all = [];
        foreach (DB::table('practice_answers')->join('students', 'students.id', '=', 'practice_answers.student_id')
            ->where('students.section_id', $this->section->id)->orderBy('day')->orderBy('practice_answers.id')
            ->get(['day', 'name', 'roster_number', 'skill', 'about', 'level', 'is_right']) as $row) {
            /** @var stdClass $row */
            $skill = Skill::tryFrom($row->skill);
            $all[] = [
                $row->day, self::name($row->name), $row->roster_number, $skill === null ? $row->skill : Said::phrase($skill->said()),
                $row->about, $row->level, (bool) $row->is_right,
            ];
        }

        return [['day', 'student', 'number', 'skill', 'about', 'level', 'right'], $all];
    }

    private static function name(string $name): string
    {
        return $name === '' ? self::said('student.former') : $name;
    }

    private static function said(string $id): string
    {
        return Said::phrase(Phrase::of($id));
    }
}
