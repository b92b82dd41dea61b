<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** All that a mark of one student in one lab may rest on. What nobody looked at is not there, and counts neither way. */
final readonly class Evidence
{
    /** Longer than a school year. */
    private const MOST_DAYS = 400;

    /**
     * @param  list<LineEvidence>  $lines  that the student measured
     * @param  int|null  $daysLate  school days; null: nobody said
     * @param  array{int, int}|null  $cleaned  points of the clean-up list: checked off, and all
     * @param  array<string, int>  $levels  0 to 4 as the teacher saw it, by id of the criterion
     */
    private function __construct(
        public Attendance $attendance, public array $lines, public ?int $daysLate, public ?array $cleaned, public array $levels,
    ) {
    }

    /**
     * @param  list<LineEvidence>  $lines
     * @param  array{int, int}|null  $cleaned
     * @param  array<string, int>  $levels
     *
     * @throws InvalidInput naming the field
     */
    public static function of(
        Attendance $attendance = Attendance::Here, array $lines = [], ?int $daysLate = null, ?array $cleaned = null, array $levels = [],
    ): self {
        if ($daysLate !== null && ($daysLate < 0 || $daysLate > self::MOST_DAYS)) {
            throw InvalidInput::because('days_late', Phrase::of('refusal.range', ['least' => 0, 'most' => self::MOST_DAYS]));
        }
        if ($cleaned !== null && ($cleaned[0] < 0 || $cleaned[0] > $cleaned[1] || $cleaned[1] < 1)) {
            throw InvalidInput::because('cleaned', Phrase::of('refusal.range', ['least' => 0, 'most' => max(1, $cleaned[1])]));
        }
        foreach ($levels as $id => $level) {
            if ($level < 0 || $level > 4) {
                throw InvalidInput::because("levels.$id", Phrase::of('refusal.range', ['least' => 0, 'most' => 4]));
            }
        }

        return new self($attendance, $lines, $daysLate, $cleaned, $levels);
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $given): self
    {
        $levels = [];
        $map = new JsonInput($given->listOrMap('levels'), 'levels.');
        foreach (array_keys($given->listOrMap('levels')) as $id) {
            $levels[(string) $id] = $map->whole((string) $id);
        }
        $cleaned = $given->has('cleaned') ? $given->object('cleaned') : null;

        return self::of(
            $given->has('attendance') ? $given->enum('attendance', Attendance::class) : Attendance::Here,
            array_map(LineEvidence::fromArray(...), $given->has('lines') ? $given->objects('lines') : []),
            $given->has('days_late') ? $given->whole('days_late') : null,
            $cleaned === null ? null : [$cleaned->whole('done'), $cleaned->whole('of')], $levels,
        );
    }
}
