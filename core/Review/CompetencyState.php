<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

/** Whether a skill of the school's own list is shown. Words: `competency.ID`. */
enum CompetencyState: string
{
    case Shown = 'shown';

    /** Some of what it asks is. */
    case OnTheWay = 'on-the-way';

    case NotYet = 'not-yet';
}
