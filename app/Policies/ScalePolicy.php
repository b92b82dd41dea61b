<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Scale;
use Illuminate\Contracts\Auth\Authenticatable;

/** Scales are their kitchen's: every teacher of it looks after them. */
final readonly class ScalePolicy
{
    public function __construct(private KitchenPolicy $kitchens)
    {
    }

    public function use(Authenticatable $actor, Scale $scale): bool
    {
        return $this->kitchens->use($actor, $scale->kitchen);
    }
}
