<?php

declare(strict_types=1);

namespace App\Weighings;

use App\Database\Joined;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\ScaleCheck;
use App\Models\Section;
use App\Models\Student;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Where a weigh-in belongs: its line with lab and class, and of that class the scale and the student, where they are there. */
final readonly class WeighPlace
{
    private function __construct(public LabLine $line, public ?Scale $scale, public ?Student $student)
    {
    }

    /** One trip to the database instead of seven: nothing is asked more often. Null where there is no such line. */
    public static function of(int $line, int $scale, int $student): ?self
    {
        $found = Joined::first(
            DB::table('lab_lines as line')->where('line.id', $line)
                ->join('labs as lab', 'lab.id', '=', 'line.lab_id')->join('sections as section', 'section.id', '=', 'lab.section_id')
                ->leftJoin('scales as scale', static fn (JoinClause $on) => $on->where('scale.id', $scale)
                    ->on('scale.kitchen_id', '=', 'section.kitchen_id'))
                ->leftJoin('scale_checks as check', Scale::lastCheckOf('scale', 'check'))
                ->leftJoin('students as student', static fn (JoinClause $on) => $on->where('student.id', $student)
                    ->on('student.section_id', '=', 'section.id')->whereNull('student.erased_at')),
            [
                'line' => LabLine::class, 'lab' => Lab::class, 'section' => Section::class, 'scale' => Scale::class,
                'check' => ScaleCheck::class, 'student' => Student::class,
            ],
        );
        if (! isset($found['line'], $found['lab'], $found['section'])) {
            return null;
        }
        [$of, $lab, $with, $who] = [$found['line'], $found['lab'], $found['scale'] ?? null, $found['student'] ?? null];
        assert($of instanceof LabLine && ($with === null || $with instanceof Scale) && ($who === null || $who instanceof Student));
        $with?->setRelation('lastCheck', $found['check'] ?? null);

        return new self($of->setRelation('lab', $lab->setRelation('section', $found['section'])), $with, $who);
    }
}
