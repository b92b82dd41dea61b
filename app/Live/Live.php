<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\Lab;
use App\Models\Section;

/**
 * Small facts about a lab or a class, published to whoever may listen. A convenience: a page is right after a reload without it, so a
 * fact that cannot be published is logged and forgotten.
 */
final class Live
{
    /** What happens at one station and changes what others can do: the common shelf. */
    private const EVERYBODYS = ['taken', 'returned'];

    /**
     * To the teacher's board; and to the station it is about, or to all of them.
     *
     * @param  array<string, int|string>  $fact
     */
    public static function tell(Lab $lab, string $what, array $fact = []): void
    {
        $isOneStations = isset($fact['station']) && ! in_array($fact['kind'] ?? '', self::EVERYBODYS, true);
        self::publish("labs/$lab->id/".($isOneStations ? "stations/{$fact['station']}" : 'everyone'), ['what' => $what] + $fact);
    }

    /** Who sits where has changed: a late joiner, somebody moved, another station. Matters to a lab that is open. */
    public static function tellSeats(Section $section): void
    {
        if ($section->openLab !== null) {
            self::tell($section->openLab, 'seats-changed');
        }
    }

    /** Steps or cautions are said otherwise. */
    public static function tellWords(Section $section): void
    {
        if ($section->openLab !== null) {
            self::tell($section->openLab, 'words-changed');
        }
    }

    /** To a class's students and its teacher, lab or no lab. */
    public static function tellClass(Section $section, string $what): void
    {
        self::publish("sections/$section->id", ['what' => $what]);
    }

    /**
     * Published after the answer has gone out, so nobody waits for it. What is for a lab's stations reaches its board, too.
     *
     * @param  array<string, int|string>  $fact
     */
    private static function publish(string $channel, array $fact): void
    {
        $told = json_encode($fact, JSON_THROW_ON_ERROR);
        defer(static fn () => app(Publisher::class)->publish($channel, $told));
    }
}
