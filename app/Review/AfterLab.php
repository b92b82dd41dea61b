<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Lab;
use App\Models\Section;
use Illuminate\Support\Facades\Cache;

/**
 * What is worked out anew from a class's weighings once a lab of it has closed, or it was taken in. Of a whole term it takes seconds:
 * nobody waits for it. However many machines there are, one at a time does it, so that what is kept is of all weighings.
 */
final class AfterLab
{
    /** Longer than it takes. */
    private const TAKES_S = 120;

    /** @param  Lab|null  $closed  null: a whole class was taken in */
    public static function later(Section $section, ?Lab $closed = null): void
    {
        defer(static fn () => rescue(static fn () => self::now($section, $closed)));
    }

    public static function now(Section $section, ?Lab $closed = null): void
    {
        Cache::lock("after-lab:$section->id", self::TAKES_S)->block(self::TAKES_S, static function () use ($section, $closed): void {
            $closed === null ? (new FindMisses)->ofTerm($section) : (new FindMisses)->afterLab($closed->fresh() ?? $closed);
            (new KeepTerm)->afterLab($section);
        });
    }
}
