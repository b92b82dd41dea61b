<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

/** Makes questions of one skill by rule: never from a list, and the same from the same chance. */
interface Maker
{
    public function make(Setting $setting, Dice $dice): Question;
}
