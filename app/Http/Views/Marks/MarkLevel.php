<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;

/** What the teacher saw, 0 to 4. */
final readonly class MarkLevel extends View
{
    public function __construct(
        public string $id,
        public int $level,
    ) {
    }
}
