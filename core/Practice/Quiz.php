<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

/** The same skill, seed and setting give the same question: only those need to be remembered. */
final class Quiz
{
    public static function question(Skill $skill, int $seed, Setting $setting): Question
    {
        return $skill->maker()->make($setting, new Dice($seed));
    }
}
