<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Rubric;
use App\Models\Teacher;
use Illuminate\Contracts\Auth\Authenticatable;

/** Rubrics are their kitchen's. */
final class RubricPolicy
{
    public function use(Authenticatable $actor, Rubric $rubric): bool
    {
        return $actor instanceof Teacher && $actor->role->teaches() && $actor->kitchen_id === $rubric->kitchen_id;
    }
}
