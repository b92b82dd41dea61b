<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use Hovik\Core\Lab\GateWhy;

/** A line that wants a look at the teacher's check. */
final readonly class GateRow extends View
{
    /**
     * @param  string|null  $cause  what may have happened, most likely
     * @param  string|null  $tell  how to tell
     * @param  string|null  $finer  the scale that could tell, by name
     * @param  string  $reason  for sending it back, as the station reads it
     */
    public function __construct(
        public int $line_id,
        public GateWhy $why,
        public ?string $cause,
        public ?string $tell,
        public ?string $finer,
        public string $reason,
    ) {
    }
}
