<?php

declare(strict_types=1);

namespace App\Checks;

/** How far a water check has come. */
enum ToolCheckState: string
{
    case Open = 'open';
    /** A student is done: it waits for the teacher. */
    case HandedIn = 'handed-in';
    case Accepted = 'accepted';
    case Refused = 'refused';

    /** Its weigher is done with it, and nobody said no. */
    public function isDone(): bool
    {
        return $this === self::HandedIn || $this === self::Accepted;
    }

    /** For the teacher's yes. */
    public function waits(): bool
    {
        return $this === self::HandedIn;
    }
}
