<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\Weighing\Verdict;

/** Something that happened at a station, at a moment: an event, or a weighing of a line. */
final readonly class StationEvent
{
    /**
     * @param  EventKind|null  $kind  null: a line was weighed
     * @param  float  $at  s, from any fixed moment
     * @param  array<array-key, mixed>  $detail
     * @param  Verdict|null  $verdict  of a weighing
     * @param  int|null  $student  who told of it
     */
    private function __construct(
        public ?EventKind $kind, public string $id, public ?int $line, public float $at, public array $detail,
        public ?Verdict $verdict, public ?int $student,
    ) {
    }

    /** @param  array<array-key, mixed>  $detail */
    public static function event(EventKind $kind, string $id, ?int $line, float $at, array $detail = [], ?int $student = null): self
    {
        return new self($kind, $id, $line, $at, $detail, null, $student);
    }

    /** @param  string  $id  of the weighing */
    public static function weighing(int $line, float $at, Verdict $verdict, string $id = ''): self
    {
        return new self(null, $id, $line, $at, [], $verdict, null);
    }

    public function text(string $field): string
    {
        $value = $this->detail[$field] ?? '';

        return is_string($value) ? $value : '';
    }
}
