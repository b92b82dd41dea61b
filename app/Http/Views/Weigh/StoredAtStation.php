<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;

final readonly class StoredAtStation extends View
{
    /**
     * @param  string  $id  as the device sent it: the proof that this is our answer
     */
    public function __construct(
        public string $id,
        public StationWork $work,
    ) {
    }
}
