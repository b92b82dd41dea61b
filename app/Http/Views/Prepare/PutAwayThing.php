<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;

final readonly class PutAwayThing extends View
{
    /** @param  string|null  $section  a lab's class */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $section,
        public string $archived_at,
    ) {
    }
}
