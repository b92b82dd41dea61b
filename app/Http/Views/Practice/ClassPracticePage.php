<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Practice\ClassPractice;
use Hovik\Core\Practice\Aim;

/** Who has shown what the next lab asks for. */
final readonly class ClassPracticePage extends View
{
    /**
     * @param  list<AimRow>  $skills  that the lab asks for
     * @param  list<StudentPractice>  $students
     * @param  list<MistakeOfClass>  $missed
     * @param  list<ClassTask>  $tasks
     * @param  list<AimRow>  $all
     */
    public function __construct(
        public ?string $lab,
        public array $skills,
        public array $students,
        public array $missed,
        public array $tasks,
        public ?string $due_on,
        public array $all,
    ) {
    }

    public static function of(ClassPractice $practice): self
    {
        return new self(
            lab: $practice->lab?->title,
            skills: array_map(
                static fn (array $aims): AimRow => AimRow::of($aims[0]->point === null ? Aim::skill($aims[0]->skill) : $aims[0]),
                $practice->needed,
            ),
            students: array_map(
                static fn (array $one): StudentPractice => StudentPractice::of($one, $practice->needed), $practice->students,
            ),
            missed: array_map(MistakeOfClass::of(...), $practice->missed),
            tasks: array_map(ClassTask::of(...), $practice->tasks),
            due_on: $practice->lab?->planned_for->toDateString(),
            all: array_map(AimRow::of(...), Aim::all()),
        );
    }
}
