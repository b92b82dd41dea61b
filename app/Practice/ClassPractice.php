<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Lab;
use App\Models\LabItem;
use App\Models\PracticeAnswer;
use App\Models\Section;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Readiness;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\KitchenNotation;

/** How ready a class is for its lab, by what each student has shown in practice. */
final readonly class ClassPractice
{
    /** As many of the class's misconceptions as a teacher can take up. */
    private const MOST_MISSED = 5;

    /**
     * @param  list<Skill>  $needed
     * @param  list<array{student: Student, answered: int, ready: bool, shown: list<Skill>, met: list<Skill>}>  $students
     * @param  array<string, int>  $missed  misconceptions and how often, most first
     */
    private function __construct(public ?Lab $lab, public array $needed, public array $students, public array $missed)
    {
    }

    public static function of(Section $section): self
    {
        // The lab that is on, or the next one.
        $lab = $section->openLab ?? Lab::query()->where('section_id', $section->id)->where('state', Lab::PREPARED)->whereNull('archived_at')->orderBy('planned_for')->orderBy('id')->first();
        $needed = $lab === null ? Skill::cases() : self::needed($lab, $section);
        $section->load('students.practiceAnswers');
        $students = $missed = [];
        foreach ($section->students as $student) {
            $boxes = Boxes::after(array_values($student->practiceAnswers->map(fn (PracticeAnswer $answer): Answered => $answer->toCore())->all()));
            $students[] = [
                'student' => $student, 'answered' => $student->practiceAnswers->count(), 'ready' => Readiness::isReady($needed, $boxes),
                'shown' => array_values(array_filter($needed, static fn (Skill $skill): bool => $boxes->hasShown($skill))),
                'met' => array_values(array_filter($needed, static fn (Skill $skill): bool => $boxes->box($skill) !== null)),
            ];
            foreach ($student->practiceAnswers as $answer) {
                if ($answer->misconception !== null) {
                    $missed[$answer->misconception] = ($missed[$answer->misconception] ?? 0) + 1;
                }
            }
        }
        arsort($missed);

        return new self($lab, $needed, $students, array_slice($missed, 0, self::MOST_MISSED, true));
    }

    /** @return list<Skill> */
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

        return Readiness::needs($plans, ! KitchenNotation::read($lab->factor)->isEqualTo(1));
    }
}
