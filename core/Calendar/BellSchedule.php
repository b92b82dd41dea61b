<?php

declare(strict_types=1);

namespace Hovik\Core\Calendar;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** When the bells ring on one kind of day: a usual one, an A day, a short one. */
final readonly class BellSchedule
{
    public const LONGEST = 40;

    private const MOST = 24;

    /** @param  array<array-key, Hours>  $periods  by name, as the day goes */
    private function __construct(public string $name, public array $periods)
    {
    }

    /**
     * @param  array<array-key, Hours>  $periods  by name
     *
     * @throws InvalidInput naming `name` or `periods`
     */
    public static function of(string $name, array $periods): self
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::LONGEST) {
            throw InvalidInput::because('name', Phrase::of('refusal.bell-name', ['most' => self::LONGEST]));
        }
        if ($periods === [] || count($periods) > self::MOST) {
            throw InvalidInput::because('periods', Phrase::of('refusal.bell-none', ['most' => self::MOST]));
        }

        return new self($name, $periods);
    }

    /** The list as a teacher reads and types it, a period a line. */
    public function written(): string
    {
        return implode("\n", array_map(
            static fn (string|int $name, Hours $hours): string => "$name: $hours->from-$hours->to",
            array_keys($this->periods), $this->periods,
        ));
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        return ['name' => $this->name, 'periods' => array_map(
            static fn (string|int $name, Hours $hours): array => ['name' => (string) $name, 'from' => $hours->from, 'to' => $hours->to],
            array_keys($this->periods), $this->periods,
        )];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        $periods = [];
        foreach ($stored->objects('periods') as $one) {
            $periods[$one->text('name')] = Hours::of($one->text('from'), $one->text('to'));
        }

        return self::of($stored->text('name'), $periods);
    }
}
