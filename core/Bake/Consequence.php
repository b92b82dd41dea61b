<?php

declare(strict_types=1);

namespace Hovik\Core\Bake;

use Hovik\Core\Pantry\Role;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** What too much or too little of an ingredient does to the bake (the craft's page, section 9). */
final class Consequence
{
    /** One sentence; null where the weight is Level, or nobody can tell. */
    public static function of(Role $role, Verdict $verdict): ?Phrase
    {
        $as = $role->actsAs()->value;

        return match ($verdict) {
            Verdict::Heaped => Phrase::of("bake.$as.high"),
            Verdict::Shy => Phrase::of("bake.$as.low"),
            default => null,
        };
    }
}
