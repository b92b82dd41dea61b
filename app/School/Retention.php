<?php

declare(strict_types=1);

namespace App\School;

use App\Models\School;
use App\Models\Section;
use App\Models\Slip;
use App\Photos\PictureFiles;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** When what is stored ends by itself. */
final class Retention
{
    private const LOG_YEARS = 3;

    /**
     * The day on which a class is erased unless it is kept: as many years as the school says after the end of the school year in which it
     * was last at work.
     */
    public static function endOf(Section $section, School $school): ?Carbon
    {
        if ($school->kept_years === null || $section->kept) {
            return null;
        }
        $lab = $section->labs()->max('planned_for');
        $last = Carbon::parse(is_string($lab) ? max($lab, (string) $section->created_at) : $section->created_at, $school->time_zone);
        $end = Carbon::parse("$last->year-$school->year_ends", $school->time_zone)->endOfDay();

        return ($end->lessThan($last) ? $end->addYearNoOverflow() : $end)->addYearsNoOverflow($school->kept_years)->startOfDay();
    }

    /**
     * Classes of a school with their ends, the next one first.
     *
     * @return Collection<int, array{section: Section, end: Carbon|null}>
     */
    public static function preview(School $school): Collection
    {
        return $school->sections()->with('teacher')->get()
            ->map(static fn (Section $section): array => ['section' => $section, 'end' => self::endOf($section, $school)])
            ->sortBy(static fn (array $one): string => $one['end']?->toDateString() ?? '9999')->values()->toBase();
    }

    /** What has reached its end goes: classes, used codes, sessions, the log. Run by the account that owns the tables. */
    public static function apply(): int
    {
        $erased = 0;
        foreach (School::query()->get() as $school) {
            foreach (self::preview($school) as ['section' => $section, 'end' => $end]) {
                if ($end !== null && $end->isPast()) {
                    Erasure::section($section);
                    AdultLog::tellOf($school, Act::ErasedByTime, ['class' => $section->name]);
                    $erased++;
                }
            }
        }
        PictureFiles::sweep();
        Slip::query()->where('ends_at', '<=', now())->delete();
        DB::table('sessions')->where('last_activity', '<', now()->subMinutes((int) config('session.lifetime'))->getTimestamp())->delete();
        DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete();
        DB::table('cache_locks')->where('expiration', '<', now()->getTimestamp())->delete();
        DB::table('log_entries')->where('at', '<', now()->subYears(self::LOG_YEARS))->delete();

        return $erased;
    }
}
