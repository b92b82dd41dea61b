<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Slip;
use Illuminate\Contracts\Auth\Authenticatable;

/** Slips are the keeper's; who holds one needs no right but its code. */
final readonly class SlipPolicy
{
    public function __construct(private SchoolPolicy $schools)
    {
    }

    public function keep(Authenticatable $actor, Slip $slip): bool
    {
        return $this->schools->keep($actor, $slip->kitchen->school);
    }
}
