<?php

declare(strict_types=1);

namespace App\Http\Views\Term;

use App\Http\Views\View;

/** Monday to Sunday. */
final readonly class TermWeek extends View
{
    /** @param  list<TermDay>  $days */
    public function __construct(
        public array $days,
    ) {
    }
}
