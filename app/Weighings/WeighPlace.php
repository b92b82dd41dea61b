<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Database\OneTrip;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\ScaleCheck;
use App\Models\Section;
use App\Models\Student;
use App\Models\Weighing;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Where a weigh-in belongs: its line with lab and class, and of that class the scale and the student, where they are there. */
final readonly class WeighPlace
{
    private const NAMES = [
        'line' => LabLine::class, 'lab' => Lab::class, 'section' => Section::class, 'scale' => Scale::class,
        'check' => ScaleCheck::class, 'student' => Student::class,
    ];

    /** @param  Collection<int, Weighing>  $earlier  of the line, by attempt */
    private function __construct(
        public LabLine $line, public ?Scale $scale, public ?Student $student, public Collection $earlier,
    ) {
    }

    /**
     * One trip to the database instead of eight: nothing is asked more often. Null where there is no such line.
     *
     * @param  int  $station  of which the earlier weighings are
     */
    public static function of(int $line, int $scale, int $student, int $station): ?self
    {
        [$places, $earlier] = OneTrip::again('weigh-place', [$scale, $student, $line, $line, $station], static fn (): array => [
            OneTrip::joined(
                DB::table('lab_lines as line')->where('line.id', $line)
                    ->join('labs as lab', 'lab.id', '=', 'line.lab_id')->join('sections as section', 'section.id', '=', 'lab.section_id')
                    ->leftJoin('scales as scale', static fn (JoinClause $on) => $on->where('scale.id', $scale)
                        ->on('scale.kitchen_id', '=', 'section.kitchen_id'))
                    ->leftJoin('scale_checks as check', Scale::lastCheckOf('scale', 'check'))
                    ->leftJoin('students as student', static fn (JoinClause $on) => $on->where('student.id', $student)
                        ->on('student.section_id', '=', 'section.id')->whereNull('student.erased_at')),
                self::NAMES,
            ),
            Weighing::of($line, $station)->toBase(),
        ]);
        $found = OneTrip::models($places, self::NAMES)[0] ?? null;
        if ($found === null) {
            return null;
        }
        ['line' => $of, 'lab' => $lab, 'section' => $section, 'scale' => $with, 'check' => $check, 'student' => $who] = $found;
        assert($of instanceof LabLine && $lab !== null && ($with === null || $with instanceof Scale));
        assert($who === null || $who instanceof Student);
        $with?->setRelation('lastCheck', $check);

        return new self($of->setRelation('lab', $lab->setRelation('section', $section)), $with, $who, Weighing::query()->hydrate($earlier));
    }
}
