<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;

/** The bag that is open now. */
final readonly class BagOpen extends View
{
    /** @param  bool  $is_another  the trials are of one before it */
    public function __construct(public string $name, public string $opened_on, public bool $is_another)
    {
    }
}
