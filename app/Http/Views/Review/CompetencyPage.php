<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Named;
use App\Http\Views\View;
use App\Models\Competency;
use App\Models\PracticeAnswer;
use App\Models\Section;
use App\Models\Student;
use App\Review\ClassReview;
use App\Words\Said;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Review\Competency as CoreCompetency;

/** The school's own list of skills, by who has shown them. */
final readonly class CompetencyPage extends View
{
    /**
     * @param  list<Named>  $students
     * @param  list<CompetencyRow>  $list
     * @param  list<Named>  $skills  of practice, to choose from
     */
    public function __construct(
        public array $students,
        public array $list,
        public array $skills,
    ) {
    }

    public static function of(Section $section, ClassReview $review): self
    {
        $students = $section->students()->with('practiceAnswers')->get();
        $boxes = [];
        foreach ($students as $student) {
            $boxes[$student->id] = Boxes::after(
                array_values($student->practiceAnswers->map(static fn (PracticeAnswer $answer): Answered => $answer->toCore())->all()),
            );
        }

        return new self(
            array_values($students->map(static fn (Student $one): Named => new Named((string) $one->id, $one->name))->all()),
            array_values($section->kitchen->competencies()->get()->map(
                static fn (Competency $one): CompetencyRow => new CompetencyRow(
                    $one->code, $one->text, $one->asks->toArray()['families'], $one->asks->toArray()['skills'],
                    array_values($students->map(static fn (Student $student): CompetencyOf => self::shown(
                        $one, $student, $review, $boxes[$student->id],
                    ))->all()),
                ),
            )->all()),
            array_map(static fn (Skill $skill): Named => new Named($skill->value, Said::phrase($skill->said())), Skill::measuring()),
        );
    }

    private static function shown(Competency $one, Student $student, ClassReview $review, Boxes $boxes): CompetencyOf
    {
        $evidence = $one->asks->evidence($review->term->cells[$student->id] ?? [], $boxes);

        return new CompetencyOf(
            $student->id, CoreCompetency::state($evidence),
            array_map(static fn (array $part): string => Said::phrase($part['because']), $evidence),
        );
    }
}
