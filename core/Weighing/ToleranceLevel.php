<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** How strict a class is: Getting started, Practised, Exacting. */
enum ToleranceLevel: string
{
    case GettingStarted = 'getting-started';
    case Practised = 'practised';
    case Exacting = 'exacting';
}
