<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\ToolCheck;
use Illuminate\Contracts\Auth\Authenticatable;

/** A water check is that of whoever made it; the kitchen's teachers accept it. */
final readonly class ToolCheckPolicy
{
    public function __construct(private KitchenPolicy $kitchens)
    {
    }

    public function make(Authenticatable $actor, ToolCheck $check): bool
    {
        return match (true) {
            $actor instanceof Teacher => $this->accept($actor, $check),
            $actor instanceof Student => $check->student_id === $actor->id,
            $actor instanceof Station => $actor->students()->whereKey($check->student_id ?? 0)->exists(),
            default => false,
        };
    }

    public function accept(Authenticatable $actor, ToolCheck $check): bool
    {
        return $this->kitchens->use($actor, $check->kitchen);
    }
}
