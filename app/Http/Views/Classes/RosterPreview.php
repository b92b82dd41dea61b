<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

/** What a roster holds, looked at before it is taken. */
final readonly class RosterPreview extends View
{
    /**
     * @param  list<RosterRow>  $students
     * @param  list<RosterFault>  $faults
     */
    public function __construct(
        public array $students,
        public array $faults,
    ) {
    }
}
