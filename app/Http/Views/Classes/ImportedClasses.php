<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

final readonly class ImportedClasses extends View
{
    /**
     * @param  list<string>  $made  names
     */
    public function __construct(
        public array $made,
    ) {
    }

    public const STATUS = 201;
}
