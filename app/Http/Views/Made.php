<?php

declare(strict_types=1);

namespace App\Http\Views;

/** Something new, by its number. */
final readonly class Made extends View
{
    public function __construct(
        public int $id,
    ) {
    }

    public const STATUS = 201;
}
