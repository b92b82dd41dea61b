<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

/** Whether there is something to mark. Words: `attendance.ID`. */
enum Attendance: string
{
    case Here = 'here';

    /** Nothing to mark until it is made up. */
    case Absent = 'absent';

    /** Nothing to mark, for good. */
    case Excused = 'excused';
}
