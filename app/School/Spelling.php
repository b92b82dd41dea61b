<?php

declare(strict_types=1);

namespace App\School;

/** How a school writes English. */
enum Spelling: string
{
    case Us = 'us';
    case British = 'british';
}
