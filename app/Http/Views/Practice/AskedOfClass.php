<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\JsonMap;
use App\Http\Views\View;
use App\Models\ClassQuestion;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Unit;

/** What is being asked on the class's devices, and how it was answered: counts, no names, since it stands on the wall. */
final readonly class AskedOfClass extends View
{
    /**
     * @param  'above'|'level'|'below'|null  $jug_eye  where the eye begins
     * @param  JsonMap<int>  $choices  how often each was chosen
     * @param  list<Missed>  $missed
     */
    public function __construct(
        public int $id,
        public Skill $skill,
        public int $level,
        public int $seed,
        public ?Unit $jug_column,
        public ?string $jug_eye,
        public bool $shown,
        public int $answered,
        public int $of,
        public int $right,
        public JsonMap $choices,
        public array $missed,
    ) {
    }

    public static function of(ClassQuestion $asked): self
    {
        $answers = $asked->answers;
        $chosen = $answers->pluck('answer')->filter(static fn (mixed $answer): bool => is_string($answer));
        $missed = $answers->whereNotNull('misconception')->countBy('misconception')->sortDesc();

        return new self(
            id: $asked->id,
            skill: $asked->skill,
            level: $asked->level,
            seed: $asked->seed,
            jug_column: $asked->jug_column,
            jug_eye: $asked->jug_eye,
            shown: $asked->shown_at !== null,
            answered: $answers->count(),
            of: $asked->section->students->count(),
            right: $answers->where('is_right', true)->count(),
            choices: new JsonMap($asked->question()->expected->kind() === 'choice' ? $chosen->countBy()->all() : []),
            missed: array_values($missed->map(static fn (int $times, string $id): Missed => Missed::of($id, $times))->all()),
        );
    }
}
