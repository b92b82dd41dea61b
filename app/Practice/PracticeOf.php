<?php

declare(strict_types=1);

namespace App\Practice;

use App\Exceptions\Refusal;
use App\Models\ClassQuestion;
use App\Models\PracticeAnswer;
use App\Models\PracticeTask;
use App\Models\Student;
use Closure;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Aim;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Readiness;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Safety\SafetyPoint;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A student's practice. What comes next follows from what was answered, so leaving and coming back, or another device, goes on
 * where it was.
 */
final class PracticeOf
{
    /** Questions a day that are asked for: about five minutes. */
    public const A_DAY = 10;

    /** @var Collection<int, PracticeAnswer> oldest first */
    private Collection $answers;

    private readonly Carbon $today;

    public function __construct(private readonly Student $student)
    {
        $this->today = Carbon::now($student->section->kitchen->school->time_zone)->startOfDay();
        $this->load();
    }

    /** How many questions have been answered: the turn that comes now. */
    public function turn(): int
    {
        return $this->answers->count();
    }

    public function doneToday(): int
    {
        return $this->answers->filter(fn (PracticeAnswer $answer): bool => $answer->day->isSameDay($this->today->toDateString()))->count();
    }

    public function question(): Question
    {
        return $this->made($this->next());
    }

    /**
     * Marks an answer to the question of a turn and keeps it, once.
     *
     * @return array{question: Question, marked: Marked}
     *
     * @throws Refusal when that is not the question now
     */
    public function answer(int $turn, string $id, mixed $answer): array
    {
        return $this->alone(function () use ($turn, $id, $answer): array {
            $next = $this->next();
            $question = $this->made($next);
            if ($turn !== $this->turn() || $question->id() !== $id) {
                throw new Refusal('refusal.other-question');
            }

            return ['question' => $question, 'marked' => $this->keep($question, $next['level'], $next['seed'], $answer)];
        });
    }

    /**
     * An answer to what the whole class is asked: kept as practice like any other, once.
     *
     * @throws Refusal when that is not the question now, or its answer has been shown
     */
    public function answerWithClass(ClassQuestion $asked, string $id, mixed $answer): void
    {
        $this->alone(function () use ($asked, $id, $answer): void {
            if ($this->answered($asked) !== null) {
                return;
            }
            $question = $asked->question();
            if ($question->id() !== $id) {
                throw new Refusal('refusal.other-question');
            }
            // Read anew: the teacher may show the answer while this one is on its way.
            if (ClassQuestion::query()->whereKey($asked->id)->whereNull('shown_at')->whereNull('ended_at')->sharedLock()->doesntExist()) {
                throw new Refusal('refusal.answer-shown');
            }
            $this->keep($question, $asked->level, $asked->seed, $answer, $asked);
        });
    }

    public function answered(ClassQuestion $asked): ?PracticeAnswer
    {
        return $this->answers->firstWhere('class_question_id', $asked->id);
    }

    public function boxes(): Boxes
    {
        return Boxes::after($this->told());
    }

    /** @return Collection<int, PracticeTask> set by the teacher for this student */
    public function tasks(): Collection
    {
        return SetPractice::of($this->student);
    }

    /** @return list<Aim> of a task, for this student */
    public function aimsOf(PracticeTask $task): array
    {
        return Readiness::sparing($task->aimed(), $this->student->otherWays());
    }

    public function isDone(PracticeTask $task): bool
    {
        return SetPractice::isDone($task, $this->boxes(), $this->student->otherWays());
    }

    public function today(): Carbon
    {
        return $this->today;
    }

    /** @return array{skill: Skill, level: int, seed: int, about: Family|SafetyPoint|null} */
    private function next(): array
    {
        $boxes = $this->boxes();
        $set = SetPractice::open($this->tasks(), $boxes, $this->student->otherWays()); // what a teacher has set comes first
        $setting = $this->student->section->practiceSetting(1);
        $all = Readiness::sparing(Aim::allWith($setting->families(), $setting->points()), $this->student->otherWays());
        ['skill' => $skill, 'about' => $about, 'level' => $level] = $boxes->next(
            $set === [] ? $all : $set, PracticeAnswer::dayNumber($this->today),
        );

        return [
            'skill' => $skill, 'level' => $level, 'seed' => crc32("{$this->student->id} {$this->turn()}") & 0x7FFFFFFF,
            'about' => $about,
        ];
    }

    /** @param  array{skill: Skill, level: int, seed: int, about: Family|SafetyPoint|null}  $next */
    private function made(array $next): Question
    {
        return Quiz::question($next['skill'], $next['seed'], $this->student->section->practiceSetting($next['level'], $next['about']));
    }

    private function keep(Question $question, int $level, int $seed, mixed $answer, ?ClassQuestion $asked = null): Marked
    {
        $marked = $question->mark($answer);
        PracticeAnswer::query()->create([
            'student_id' => $this->student->id, 'class_question_id' => $asked?->id, 'turn' => $this->turn(),
            'skill' => $question->skill, 'about' => $question->about?->value,
            'level' => $level, 'seed' => $seed, 'answer' => $answer, 'is_right' => $marked->isRight,
            'misconception' => $marked->misconception, 'day' => $this->today->toDateString(),
        ]);
        $this->load();

        return $marked;
    }

    /**
     * One answer of a student at a time, whatever devices they come from: the next turn follows from what is kept.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    private function alone(Closure $do): mixed
    {
        return DB::transaction(function () use ($do): mixed {
            Student::query()->whereKey($this->student->id)->lockForUpdate()->value('id');
            $this->load();

            return $do();
        });
    }

    /** @return list<Answered> */
    private function told(): array
    {
        return array_values($this->answers->map(fn (PracticeAnswer $answer): Answered => $answer->toCore())->all());
    }

    private function load(): void
    {
        $this->answers = $this->student->practiceAnswers()->get();
    }
}
