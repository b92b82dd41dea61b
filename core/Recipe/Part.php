<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** What a piece of a line as written was understood to be. Every letter of the line is in exactly one piece. */
enum Part: string
{
    /** Bullets, commas, 'of', spaces: nothing to understand. */
    case Filler = 'filler';
    case Amount = 'amount';
    case Size = 'size';
    case Package = 'package';
    case Ingredient = 'ingredient';
    case Handling = 'handling';
    case Note = 'note';
    /** Not understood: shown as such, for the teacher to mend. */
    case Unread = 'unread';
}
