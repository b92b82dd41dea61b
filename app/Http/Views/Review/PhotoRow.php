<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Models\Lab;
use App\Models\Photo;
use App\Models\Station;
use App\Models\Student;
use App\Words\Said;
use Closure;
use Illuminate\Database\Eloquent\Builder;

/** A picture of what was measured. */
final readonly class PhotoRow extends View
{
    public function __construct(
        public string $id,
        public int $line_id,
        public string $food,
        public string $lab,
        public ?string $student,
        public string $day,
    ) {
    }

    /** @return list<self> newest first */
    public static function ofStudent(Student $student): array
    {
        return self::all(static fn (Builder $of) => $of->whereIn('student_id', $student->everyId()));
    }

    /** @return list<self> newest first */
    public static function ofStation(Lab $lab, Station $station): array
    {
        return self::all(static fn (Builder $of) => $of->where('station_id', $station->id)
            ->whereIn('lab_line_id', $lab->lines()->select('id')));
    }

    /** @return list<self> newest first */
    public static function ofLab(Lab $lab): array
    {
        return self::all(static fn (Builder $of) => $of->whereIn('lab_line_id', $lab->lines()->select('id')));
    }

    /**
     * @param  Closure(Builder<Photo>): mixed  $of
     * @return list<self>
     */
    private static function all(Closure $of): array
    {
        return array_values(Photo::query()->with(['line.lab', 'student'])->where($of)->get()->sortByDesc('created_at')
            ->map(static fn (Photo $one): self => new self(
                $one->id, $one->lab_line_id, Said::ingredient($one->line->ingredient_id), $one->line->lab->title, $one->student?->name,
                $one->line->lab->planned_for->toDateString(),
            ))->values()->all());
    }
}
