<?php

declare(strict_types=1);

namespace App\Exchange;

/** What of a class is taken out as a table. Words: `file.ID`. */
enum FileKind: string
{
    case Weighings = 'weighings';
    case Results = 'results';
    case Marks = 'marks';
    case Checks = 'checks';
    case Practice = 'practice';
}
