<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\Lab;
use App\Models\Section;
use App\Models\Station;
use Hovik\Core\Lab\EventKind;

/**
 * Small facts about a class, a station or a lab, published to whoever may listen. What happens at a station carries what changed
 * ({@see Telling}), so that nobody has to ask again; after any other fact, and after a gap, screens ask.
 * A convenience: a page is right after a reload without it, so a fact that cannot be published is logged and forgotten.
 */
final class Live
{
    /** To the teacher's board and to everybody of the class, whatever is open there; to one station alone, where it is about one. */
    public static function tell(Lab $lab, string $what, ?Station $only = null): void
    {
        $fact = ['what' => $what] + ($only === null ? [] : ['station' => $only->id]);
        self::publish("labs/$lab->id", $fact);
        self::publish($only === null ? "sections/$lab->section_id" : "stations/$only->id", $fact);
    }

    /** Something happened at a station; null: a line was weighed. The teller tells of it; where there is none, this request does. */
    public static function happened(Lab $lab, Station $station, ?EventKind $kind = null): void
    {
        $happening = new Happening($lab->id, $lab->section_id, $station->id, $kind, app()->getLocale());
        defer(static function () use ($happening): void {
            if (! Teller::at((string) config('hovik.teller_socket'))->hand($happening)) {
                app(Telling::class)->tell([$happening]);
            }
        }, $happening->toText()); // told once, however often it is said; and a name that nobody has to think up
    }

    /** A reading of the weigh-in table's scale, for the tablet that has a line open. */
    public static function tellReading(Station $station, string $grams, string $report): void
    {
        self::publish("stations/$station->id", ['what' => 'reading', 'grams' => $grams, 'report' => $report]);
    }

    /** Who sits where has changed: a late joiner, somebody moved, another station. */
    public static function tellSeats(Section $section): void
    {
        self::tellAll($section, 'seats-changed');
    }

    /** Steps or cautions are said otherwise. */
    public static function tellWords(Section $section): void
    {
        self::tellAll($section, 'words-changed');
    }

    /** To a class's students and its teacher, lab or no lab. */
    public static function tellClass(Section $section, string $what): void
    {
        self::publish("sections/$section->id", ['what' => $what]);
    }

    private static function tellAll(Section $section, string $what): void
    {
        self::tellClass($section, $what);
        if ($section->openLab !== null) {
            self::publish("labs/{$section->openLab->id}", ['what' => $what]);
        }
    }

    /**
     * Published after the answer has gone out, so nobody waits for it.
     *
     * @param  array<string, int|string>  $fact
     */
    private static function publish(string $channel, array $fact): void
    {
        $told = json_encode($fact, JSON_THROW_ON_ERROR);
        defer(static fn () => app(Publisher::class)->publish($channel, $told), "$channel $told");
    }
}
