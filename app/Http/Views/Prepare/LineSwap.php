<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\LabSwap;

/** What a station has instead of a line. */
final readonly class LineSwap extends View
{
    /** @param  string|null  $text  as the teacher wrote it; null where the line is left out */
    public function __construct(public int $station_id, public string $station, public ?string $text)
    {
    }

    public static function of(LabSwap $swap): self
    {
        return new self($swap->station_id, $swap->station->name, $swap->text);
    }
}
