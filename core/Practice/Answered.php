<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Safety\SafetyPoint;

/** One answer that was given before. */
final readonly class Answered
{
    /** @param  int  $day  counted from any fixed day */
    public function __construct(public Skill $skill, public Family|SafetyPoint|null $about, public bool $isRight, public int $day)
    {
    }

    /** What is mastered or not: a skill with a family of food, a safety point, or the skill alone. */
    public function item(): string
    {
        return self::itemOf($this->skill, $this->about);
    }

    public static function itemOf(Skill $skill, Family|SafetyPoint|null $about): string
    {
        return $skill->value.'/'.($about->value ?? '');
    }
}
