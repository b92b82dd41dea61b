<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\Lab;

/**
 * Small facts about a lab, published to whoever may listen. A convenience: a page is right after a reload without it, so a
 * fact that cannot be published is logged and forgotten.
 */
final class Live
{
    /**
     * Told after the answer has gone out, so nobody waits for it.
     *
     * @param  array<string, int|string>  $fact
     */
    public static function tell(Lab $lab, string $what, array $fact = []): void
    {
        $id = $lab->id;
        $told = json_encode(['what' => $what] + $fact, JSON_THROW_ON_ERROR);
        defer(static fn () => app(Publisher::class)->publish($id, $told));
    }
}
