<?php

declare(strict_types=1);

namespace App\Http\Views\School;

use App\Http\Views\View;

/** When the bells ring on one kind of day, as a keeper types it. */
final readonly class BellList extends View
{
    /** @param  string  $text  a period a line: `4: 10:05-10:52` */
    public function __construct(
        public string $name,
        public string $text,
    ) {
    }
}
