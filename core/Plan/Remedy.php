<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

/** What makes careful work Level often enough, the least trouble first. Words: `remedy.ID`. */
enum Remedy: string
{
    /** Several level spoonfuls weighed as one. */
    case Together = 'together';
    case FinerScale = 'finer-scale';
    /** The package weighs otherwise than the book: the class's own cup of it, weighed. */
    case OwnCup = 'own-cup';
    case NarrowerVessel = 'narrower-vessel';
    case WiderTolerance = 'wider-tolerance';
}
