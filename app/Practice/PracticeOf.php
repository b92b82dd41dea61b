<?php

declare(strict_types=1);

namespace App\Practice;

use App\Exceptions\Refusal;
use App\Models\PracticeAnswer;
use App\Models\Student;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Answered;
use Hovik\Core\Practice\Boxes;
use Hovik\Core\Practice\Marked;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

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
        $this->today = Carbon::now($student->section->kitchen->time_zone)->startOfDay();
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
        ['skill' => $skill, 'level' => $level, 'seed' => $seed, 'about' => $about] = $this->next();

        return $this->made($skill, $level, $seed, $about);
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
        if ($turn !== $this->turn()) {
            throw new Refusal('other_question');
        }
        ['skill' => $skill, 'level' => $level, 'seed' => $seed, 'about' => $about] = $this->next();
        $question = $this->made($skill, $level, $seed, $about);
        if ($question->id() !== $id) {
            throw new Refusal('other_question');
        }
        $marked = $question->mark($answer);
        PracticeAnswer::query()->insertOrIgnore([
            'student_id' => $this->student->id, 'turn' => $turn, 'skill' => $skill->value, 'family' => $question->family?->value, 'level' => $level, 'seed' => $seed,
            'answer' => json_encode($answer, JSON_THROW_ON_ERROR), 'is_right' => $marked->isRight, 'misconception' => $marked->misconception,
            'day' => $this->today->toDateString(), 'created_at' => now()->format('Y-m-d H:i:s.v'),
        ]);
        $this->load();

        return ['question' => $question, 'marked' => $marked];
    }

    public function boxes(): Boxes
    {
        return Boxes::after($this->told());
    }

    /** @return array{skill: Skill, level: int, seed: int, about: Family|null} */
    private function next(): array
    {
        ['skill' => $skill, 'family' => $about, 'level' => $level] = $this->boxes()->next(Skill::cases(), PracticeAnswer::dayNumber($this->today));

        return ['skill' => $skill, 'level' => $level, 'seed' => crc32("{$this->student->id} {$this->turn()}") & 0x7FFFFFFF, 'about' => $about];
    }

    private function made(Skill $skill, int $level, int $seed, ?Family $about): Question
    {
        $section = $this->student->section;

        return Quiz::question($skill, $seed, Setting::of($level, $section->standard, $section->kitchen->drawer($section->standard), $section->schoolsSettled(), $section->kitchen->pantry(), $about));
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
