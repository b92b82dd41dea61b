<?php

declare(strict_types=1);

namespace App\School;

/** What an adult is in the school. What somebody does in another's class is `ColleagueRole`. */
enum AdultRole: string
{
    /** Teaches, and looks after the school's installation: people, settings, the log. */
    case Keeper = 'keeper';
    case Teacher = 'teacher';
    /** Watches, ticks and answers checks in the classes they help with, and nothing else. */
    case Aide = 'aide';

    public function teaches(): bool
    {
        return $this !== self::Aide;
    }
}
