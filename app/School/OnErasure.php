<?php

declare(strict_types=1);

namespace App\School;

/** What becomes of a table's rows about a student when they are erased. */
enum OnErasure: string
{
    /** Nothing in them says who it was: they point at a row that is blank. */
    case Stays = 'stays';
    case Deleted = 'deleted';
    /** The row itself stays, so that others can point at it, with nothing in it. */
    case Blanked = 'blanked';
}
