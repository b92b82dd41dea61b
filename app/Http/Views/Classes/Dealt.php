<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

/** Seats as they would be: looked at before they are taken. */
final readonly class Dealt extends View
{
    /** @param  list<DealtSeat>  $seats */
    public function __construct(public array $seats)
    {
    }
}
