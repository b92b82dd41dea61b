<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Kitchen;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** Recipes, drawer, pantry, words and new classes are for those who teach in a kitchen: no aide. Asked without one, it is their own. */
final readonly class KitchenPolicy
{
    public function __construct(private SchoolPolicy $schools)
    {
    }

    public function use(Authenticatable $actor, ?Kitchen $kitchen = null): bool
    {
        return $actor instanceof Teacher && $actor->role->teaches() && ($kitchen === null || $kitchen->id === $actor->kitchen_id);
    }

    public function keep(Authenticatable $actor, Kitchen $kitchen): bool
    {
        return $this->schools->keep($actor, $kitchen->school);
    }
}
