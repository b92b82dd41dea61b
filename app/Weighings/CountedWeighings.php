<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Models\Kitchen;
use App\Models\Lab;
use App\Models\LabEvent;
use App\Models\Section;
use App\Models\Student;
use App\Models\Weighing;
use Hovik\Core\Weighing\ReadingSource;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Weighings that say something of food, tools and hands: measured, not weighed out; on a real scale; and neither put right nor taken back
 * since.
 */
final class CountedWeighings
{
    /** More than a class weighs in a year. */
    private const MOST = 5000;

    /** @return Collection<int, Weighing> oldest first */
    public static function of(Kitchen|Section|Lab $of, ?string $food = null, ?string $since = null): Collection
    {
        $labs = match (true) {
            $of instanceof Kitchen => Lab::query()->whereIn('section_id', $of->sections()->select('id'))->select('id'),
            $of instanceof Section => $of->labs()->reorder()->select('id'),
            default => Lab::query()->whereKey($of->id)->select('id'),
        };
        $query = self::query()->whereIn('lab_lines.lab_id', $labs)
            ->where(static fn (Builder $one) => $one->whereNull('weighed_out')->orWhere('weighed_out', false));
        if ($food !== null) {
            $query->where('lab_lines.ingredient_id', $food);
        }
        if ($since !== null) {
            $query->where('weighings.created_at', '>=', $since);
        }

        // Of more than a year weighs, the latest.
        return $query->reorder()->orderByDesc('weighings.created_at')->orderByDesc('weighings.id')->limit(self::MOST)
            ->get(['weighings.*'])->reverse()->values();
    }

    /**
     * All that a student weighed, weighed out or measured.
     *
     * @return Collection<int, Weighing> oldest first
     */
    public static function ofStudent(Student $student, ?Lab $lab = null): Collection
    {
        $query = self::query()->whereIn('weighings.student_id', $student->everyId());
        if ($lab !== null) {
            $query->where('lab_lines.lab_id', $lab->id);
        }

        return $query->get(['weighings.*']);
    }

    /**
     * On a real scale, and neither put right nor taken back since.
     *
     * @return Builder<Weighing>
     */
    private static function query(): Builder
    {
        $query = Weighing::query()->with(['line.lab.section', 'station', 'student', 'scale']);
        $query->where('source', '<>', ReadingSource::Practice->value)
            ->whereNotExists(static fn ($one) => $one->select(DB::raw(1))->from('weighings AS later')
                ->whereColumn('later.corrects_id', 'weighings.id'))
            ->whereRaw('NOT '.LabEvent::TAKEN_BACK);
        $query->join('lab_lines', 'lab_lines.id', '=', 'weighings.lab_line_id')->orderBy('weighings.created_at')->orderBy('weighings.id');

        return $query;
    }
}
