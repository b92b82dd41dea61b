<?php

declare(strict_types=1);

namespace App\Http\Views;

/** Several new things, by their numbers. */
final readonly class AllMade extends View
{
    public const STATUS = 201;

    /** @param  list<int>  $ids */
    public function __construct(
        public array $ids,
    ) {
    }
}
