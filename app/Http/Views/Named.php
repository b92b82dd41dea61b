<?php

declare(strict_types=1);

namespace App\Http\Views;

/** An id, and its name in the reader's language. */
final readonly class Named extends View
{
    public function __construct(
        public string $id,
        public string $name,
    ) {
    }
}
