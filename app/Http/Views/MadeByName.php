<?php

declare(strict_types=1);

namespace App\Http\Views;

/** Something new, by its id. */
final readonly class MadeByName extends View
{
    public function __construct(
        public string $id,
    ) {
    }

    public const STATUS = 201;
}
