<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Section;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Review\ClassTerm;
use Hovik\Core\Review\TermRow;
use Hovik\Core\Review\TermWeighing;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A class over a term, or a part of it: read from what is kept beside its weighings, without a model for each of thousands. */
final readonly class ClassReview
{
    /**
     * @param  list<TermRow>  $rows  oldest first
     * @param  array<int, array<string, array{int, int}>>  $seen  steps seen done, of those looked at, by student and family
     * @param  array<int, array<string, array{int, int}>>  $practised  questions right, of those asked
     * @param  array<int, array{int, int}>  $scale  weighings with a mistake at the scale, of all
     */
    private function __construct(
        public Section $section, public ClassTerm $term, public array $rows, public array $seen, public array $practised,
        public array $scale,
    ) {
    }

    public static function of(Section $section, KeepTerm $keeping, TermPart $part): self
    {
        $keeping->of($section);
        $rows = $part->rows($section)->leftJoin('diagnoses', 'diagnoses.weighing_id', '=', 'term_weighings.weighing_id')
            ->orderBy('weighed_at')->orderBy('term_weighings.weighing_id')
            ->get(['student_id', 'family', 'lab_line_id', 'nth', 'is_best', 'share', 'known', 'careful', 'tolerance', 'verdict', 'cause'])
            ->all();
        $all = array_values(array_map(self::row(...), $rows));
        $scale = [];
        foreach ($all as $row) {
            $before = $scale[$row->student] ?? [0, 0];
            $scale[$row->student] = [$before[0] + (int) ($row->cause?->place() === 'scale'), $before[1] + 1];
        }

        return new self(
            $section, ClassTerm::of($all), $all, self::seen($section, $part), self::practised($section), $scale,
        );
    }

    private static function row(stdClass $row): TermRow
    {
        return new TermRow(
            $row->student_id, Family::from($row->family), $row->lab_line_id, $row->nth, (bool) $row->is_best,
            TermWeighing::known($row->share, $row->known, $row->careful, $row->tolerance),
            Verdict::from($row->verdict), $row->cause === null ? null : Cause::tryFrom($row->cause),
        );
    }

    /** @return array<int, array<string, array{int, int}>> */
    private static function seen(Section $section, TermPart $part): array
    {
        // Who measured it: the one whose weighing stands for that line at that station.
        $who = $part->rows($section)->join('weighings', 'weighings.id', '=', 'term_weighings.weighing_id')
            ->get(['term_weighings.lab_line_id', 'weighings.station_id', 'term_weighings.student_id', 'family'])
            ->keyBy(static fn (stdClass $row): string => "$row->lab_line_id $row->station_id");
        $last = [];
        foreach (DB::table('lab_events')->whereIn('lab_id', $section->labs()->reorder()->select('id'))->where('kind', 'seen')
            ->orderBy('received_at')->orderBy('id')->get(['lab_line_id', 'station_id', 'detail']) as $event) {
            /** @var array{step?: string, seen?: string} $detail */
            $detail = json_decode((string) $event->detail, true, 8, JSON_THROW_ON_ERROR);
            $last["$event->lab_line_id $event->station_id"][$detail['step'] ?? ''] = $detail['seen'] ?? '';
        }
        $seen = [];
        foreach ($last as $key => $steps) {
            $one = $who[$key] ?? null;
            if ($one === null) {
                continue;
            }
            $counts = array_count_values($steps);
            $before = $seen[$one->student_id][$one->family] ?? [0, 0];
            $done = $counts['done'] ?? 0;
            $seen[$one->student_id][$one->family] = [$before[0] + $done, $before[1] + $done + ($counts['not-done'] ?? 0)];
        }

        return $seen;
    }

    /** @return array<int, array<string, array{int, int}>> */
    private static function practised(Section $section): array
    {
        $practised = [];
        foreach (DB::table('practice_answers')->join('students', 'students.id', '=', 'practice_answers.student_id')
            ->where('students.section_id', $section->id)->whereNotNull('about')->groupBy('student_id', 'about')
            ->get(['student_id', 'about', DB::raw('SUM(is_right) AS right_ones'), DB::raw('COUNT(*) AS asked')]) as $row) {
            $practised[$row->student_id][$row->about] = [(int) $row->right_ones, (int) $row->asked];
        }

        return $practised;
    }
}
