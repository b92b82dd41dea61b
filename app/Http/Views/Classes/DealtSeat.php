<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;

final readonly class DealtSeat extends View
{
    public function __construct(public int $student_id, public int $station_id)
    {
    }
}
