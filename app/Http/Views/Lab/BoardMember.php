<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

/** A student of a station. */
final readonly class BoardMember extends View
{
    /** @param  bool  $away  today */
    public function __construct(public int $id, public string $name, public bool $away)
    {
    }
}
