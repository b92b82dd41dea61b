<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\NamedTool;
use Illuminate\Contracts\Auth\Authenticatable;

/** Certain tools are their kitchen's, as scales are. */
final readonly class NamedToolPolicy
{
    public function __construct(private KitchenPolicy $kitchens)
    {
    }

    public function use(Authenticatable $actor, NamedTool $tool): bool
    {
        return $this->kitchens->use($actor, $tool->kitchen);
    }
}
