<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;

final readonly class LabName extends View
{
    /** @param  bool  $tools  in it the tools are checked */
    public function __construct(
        public int $id,
        public string $title,
        public bool $tools,
    ) {
    }
}
