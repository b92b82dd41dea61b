<?php

declare(strict_types=1);

namespace App\Http\Views\Search;

/** What kind of thing is found, in the order in which kinds are listed. */
enum FindableKind: string
{
    case Lab = 'lab';
    case Recipe = 'recipe';
    case Student = 'student';
    case Food = 'food';
    case Technique = 'technique';
}
