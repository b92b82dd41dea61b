<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

/** Where a part of a miss may come from. What is left over is chance. */
enum Source: string
{
    case Bag = 'bag';
    case Tool = 'tool';
    case Scale = 'scale';
    case Student = 'student';

    /** Which one it was of these, with a name of its own where the same name stands for several things. */
    public function of(Weighed $one): string
    {
        return match ($this) {
            self::Bag => "$one->food/$one->bag",
            self::Tool => $one->tool,
            self::Scale => $one->scale,
            self::Student => "$one->student/$one->family",
        };
    }

    /** What it is called. */
    public function nameOf(Weighed $one): string
    {
        return match ($this) {
            self::Bag => $one->bag,
            self::Tool => $one->tool,
            self::Scale => $one->scale,
            self::Student => $one->student,
        };
    }
}
