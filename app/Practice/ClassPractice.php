<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Lab;
use App\Models\LabItem;
use App\Models\PracticeAnswer;
use App\Models\PracticeTask;
use App\Models\Section;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\ClassMistake;
use Hovik\Core\Practice\Readiness;
use Hovik\Core\Safety\LabSafety;
use Hovik\Core\Safety\SafetyPoint;

/** How ready a class is for its lab, by what each student has shown in practice, and what has been set. */
final readonly class ClassPractice
{
    /** As many of the class's misconceptions as a teacher can take up. */
    private const MOST_MISSED = 5;

    /**
     * @param  list<non-empty-list<Aim>>  $needed  by skill: each with the families that the lab asks it of
     * @param  list<array{student: Student, answered: int, ready: bool, boxes: Boxes}>  $students
     * @param  list<ClassMistake>  $missed
     * @param  list<array{task: PracticeTask, done: list<string>, open: list<string>}>  $tasks  with the names of those who are done
     *   and who are not
     */
    private function __construct(public ?Lab $lab, public array $needed, public array $students, public array $missed, public array $tasks)
    {
    }

    public static function of(Section $section): self
    {
        $lab = $section->labAhead();
        $needed = $lab === null ? Aim::all() : self::needed($lab, $section);
        $section->load(['students.practiceAnswers', 'practiceTasks']);
        $students = $missed = $boxesOf = [];
        foreach ($section->students as $student) {
            $boxes = $boxesOf[$student->id] = Boxes::after(
                array_values($student->practiceAnswers->map(fn (PracticeAnswer $answer): Answered => $answer->toCore())->all()),
            );
            $students[] = [
                'student' => $student, 'answered' => $student->practiceAnswers->count(),
                'ready' => Readiness::isReady(Readiness::sparing($needed, $student->otherWays()), $boxes),
                'boxes' => $boxes,
            ];
            $missed[$student->id] = array_values(array_filter($student->practiceAnswers->pluck('misconception')->all(), is_string(...)));
        }
        $tasks = array_values(
            $section->practiceTasks
                ->map(fn (PracticeTask $task): array => ['task' => $task] + self::progress($task, $section, $boxesOf))->all(),
        );

        $bySkill = [];
        foreach ($needed as $aim) {
            $bySkill[$aim->point->value ?? $aim->skill->value][] = $aim;
        }

        return new self($lab, array_values($bySkill), $students, ClassMistake::most($missed, self::MOST_MISSED), $tasks);
    }

    /**
     * @param  array<int, Boxes>  $boxesOf  by student id
     * @return array{done: list<string>, open: list<string>}
     */
    private static function progress(PracticeTask $task, Section $section, array $boxesOf): array
    {
        [$done, $open] = $section->students->filter(
            fn (Student $student): bool => $task->student_id === null
                || $task->student_id === $student->id,
        )
            ->partition(fn (Student $student): bool => SetPractice::isDone($task, $boxesOf[$student->id], $student->otherWays()));

        return ['done' => array_values($done->pluck('name')->all()), 'open' => array_values($open->pluck('name')->all())];
    }

    /** @return list<Aim> */
    private static function needed(Lab $lab, Section $section): array
    {
        $planner = $section->linePlanner();
        $plans = [];
        foreach ($lab->items as $item) {
            /** @var LabItem $item */
            try {
                $plans[] = $item->plan($planner);
            } catch (InvalidInput) {
                continue; // a line that cannot be planned any more asks for nothing
            }
        }
        $written = array_values(array_filter($lab->items->pluck('text')->all(), is_string(...)));

        return Readiness::needs(
            $plans, ! $lab->factor->number->isEqualTo(1),
            array_values(array_filter(
                LabSafety::needs($plans, $lab->recipeVersion?->steps() ?? [], $written),
                static fn (SafetyPoint $point): bool => in_array($point, $section->practiceSetting(1)->points(), true),
            )),
        );
    }
}
