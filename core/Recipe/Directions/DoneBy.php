<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Directions;

/** Who does a step of the directions. Words: `by.ID`. */
enum DoneBy: string
{
    case Student = 'student';
    case WithAdult = 'with-adult';
    case Teacher = 'teacher';
}
