<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;

/** What the teacher said of a student in a lab, beside what was weighed and seen. */
final readonly class Told
{
    /** Of any criterion. */
    private const MOST_POINTS = 100;

    /**
     * @param  int|null  $daysLate  null: nobody said
     * @param  array<string, int>  $levels  0 to 4, by id of the criterion
     * @param  array<string, Override>  $overrides  by id of the criterion
     */
    public function __construct(
        public Attendance $attendance = Attendance::Here, public ?int $daysLate = null, public array $levels = [],
        public array $overrides = [],
    ) {
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return [
            'attendance' => $this->attendance->value, 'days_late' => $this->daysLate, 'levels' => (object) $this->levels,
            'overrides' => (object) array_map(static fn (Override $one): array => $one->toArray(), $this->overrides),
        ];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $levels = $overrides = [];
        $map = new JsonInput($stored->listOrMap('levels'), 'levels.');
        foreach (array_keys($stored->listOrMap('levels')) as $id) {
            $levels[(string) $id] = $map->whole((string) $id);
        }
        $map = new JsonInput($stored->listOrMap('overrides'), 'overrides.');
        foreach (array_keys($stored->listOrMap('overrides')) as $id) {
            $one = $map->object((string) $id);
            $overrides[(string) $id] = Override::of(self::MOST_POINTS, $one->whole('points'), $one->text('reason'), "overrides.$id.");
        }

        return new self(
            $stored->enum('attendance', Attendance::class), $stored->has('days_late') ? $stored->whole('days_late') : null, $levels,
            $overrides,
        );
    }
}
