<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Skill;

/** A question on the wall, with its answer. */
final readonly class ProjectedQuestion extends View
{
    /**
     * @param  PracticeQuestion  $question  as turn 0
     * @param  list<SkillName>  $skills
     */
    public function __construct(
        public PracticeQuestion $question,
        public array $skills,
        public PracticeMarked $marked,
    ) {
    }

    public static function of(Question $question): self
    {
        return new self(
            PracticeQuestion::of($question),
            array_map(static fn (Skill $skill): SkillName => new SkillName($skill, Said::phrase($skill->said())), Skill::cases()),
            PracticeMarked::of($question),
        );
    }
}
