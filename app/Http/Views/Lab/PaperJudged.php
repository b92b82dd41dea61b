<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

final readonly class PaperJudged extends View
{
    /**
     * @param  list<PaperVerdict>  $entries
     */
    public function __construct(
        public bool $stored,
        public array $entries,
    ) {
    }
}
