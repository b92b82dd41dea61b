<?php

declare(strict_types=1);

namespace App\Classes;

/** How somebody helps with a class: with all rights, or watching and answering only. */
enum ColleagueRole: string
{
    case CoTeacher = 'co-teacher';
    case Aide = 'aide';
}
