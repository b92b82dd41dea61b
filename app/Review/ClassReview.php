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
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A class over a term, or a part of it: read from what is kept beside its weighings, without a model for each of thousands. */
final readonly class ClassReview
{
    /** What weighings were said to come from is found later, and may be missing so long. */
    private const KEPT_S = 600;

    /**
     * @param  int  $count  weighings
     * @param  list<TermRow>  $rows  oldest first; none of a whole term
     * @param  array<int, array<string, array{int, int}>>  $seen  steps seen done, of those looked at, by student and family
     * @param  array<int, array<string, array{int, int}>>  $practised  questions right, of those asked
     * @param  array<int, array{int, int}>  $scale  weighings with a mistake at the scale, of all
     */
    private function __construct(
        public Section $section, public ClassTerm $term, public int $count, public array $rows, public array $seen, public array $practised,
        public array $scale,
    ) {
    }

    public static function of(Section $section, KeepTerm $keeping, TermPart $part): self
    {
        $state = $keeping->of($section);
        // A whole term is the same until something is weighed: it is worked out once. What is kept has numbers in it, and no name.
        [$term, $count, $scale] = $part->isWhole()
            ? Cache::remember("term $section->id $state", self::KEPT_S, static fn (): array => self::found($section, $part))
            : self::found($section, $part);

        return new self(
            $section, $term, $count, $part->isWhole() ? [] : self::rows($section, $part), self::seen($section, $part),
            self::practised($section), $scale,
        );
    }

    /** @return array{ClassTerm, int, array<int, array{int, int}>} */
    private static function found(Section $section, TermPart $part): array
    {
        $all = self::rows($section, $part);
        $scale = [];
        foreach ($all as $row) {
            $before = $scale[$row->student] ?? [0, 0];
            $scale[$row->student] = [$before[0] + (int) ($row->cause?->place() === 'scale'), $before[1] + 1];
        }

        return [ClassTerm::of($all), count($all), $scale];
    }

    /** @return list<TermRow> oldest first */
    private static function rows(Section $section, TermPart $part): array
    {
        // Few weighings have a cause: they are looked up apart, not joined to all.
        $causes = $part->rows($section)->join('diagnoses', 'diagnoses.weighing_id', '=', 'term_weighings.weighing_id')
            ->whereNotNull('cause')->pluck('cause', 'term_weighings.weighing_id')->all();

        return array_values(array_map(
            static fn (stdClass $row): TermRow => self::row($row, $causes[$row->weighing_id] ?? null),
            $part->rows($section)->orderBy('weighed_at')->get([
                'weighing_id', 'student_id', 'family', 'lab_line_id', 'nth', 'is_best', 'share', 'known', 'careful', 'tolerance', 'verdict',
            ])->all(),
        ));
    }

    private static function row(stdClass $row, ?string $cause): TermRow
    {
        return new TermRow(
            $row->student_id, Family::from($row->family), $row->lab_line_id, $row->nth, (bool) $row->is_best,
            TermWeighing::known($row->share, $row->known, $row->careful, $row->tolerance),
            Verdict::from($row->verdict), $cause === null ? null : Cause::tryFrom($cause),
        );
    }

    /** @return array<int, array<string, array{int, int}>> */
    private static function seen(Section $section, TermPart $part): array
    {
        $last = [];
        foreach (DB::table('lab_events')->whereIn('lab_id', $section->labs()->reorder()->select('id'))->where('kind', 'seen')
            ->orderBy('received_at')->orderBy('id')->get(['lab_line_id', 'station_id', 'detail']) as $event) {
            /** @var array{step?: string, seen?: string} $detail */
            $detail = json_decode((string) $event->detail, true, 8, JSON_THROW_ON_ERROR);
            $last["$event->lab_line_id $event->station_id"][$detail['step'] ?? ''] = $detail['seen'] ?? '';
        }
        // Who measured it: the one whose weighing stands for that line at that station.
        $lines = array_map(static fn (string $key): int => (int) $key, array_keys($last));
        $who = $lines === [] ? collect() : $part->rows($section)->join('weighings', 'weighings.id', '=', 'term_weighings.weighing_id')
            ->whereIn('term_weighings.lab_line_id', array_unique($lines))
            ->get(['term_weighings.lab_line_id', 'weighings.station_id', 'term_weighings.student_id', 'family'])
            ->keyBy(static fn (stdClass $row): string => "$row->lab_line_id $row->station_id");
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
