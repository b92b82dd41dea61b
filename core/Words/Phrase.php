<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

use Brick\Math\BigDecimal;

/**
 * A sentence the core wants to say, not yet in any language: an id of the phrasebook and what goes into it. It can be
 * frozen as plain values ({@see toArray}) and said later, in the reader's language.
 */
final readonly class Phrase
{
    /** @param  array<string, string|int|float|list<self>|self>  $with */
    private function __construct(public string $id, public array $with)
    {
    }

    /** @param  array<string, string|int|float|BigDecimal|Sayable|list<self>|self>  $with */
    public static function of(string $id, array $with = []): self
    {
        $plain = [];
        foreach ($with as $name => $value) {
            $plain[$name] = match (true) {
                $value instanceof Sayable => $value->phrase(),
                $value instanceof BigDecimal => self::of('number', ['value' => (string) $value]),
                default => $value,
            };
        }

        return new self($id, $plain);
    }

    /** @return array{id: string, with: array<string, mixed>} */
    public function toArray(): array
    {
        $plain = static fn (mixed $value): mixed => $value instanceof self ? $value->toArray() : $value;

        return ['id' => $this->id, 'with' => array_map(
            static fn (mixed $value): mixed => is_array($value) ? array_map($plain, $value) : $plain($value),
            $this->with,
        )];
    }

    /** @param  array<array-key, mixed>  $frozen what toArray() gave */
    public static function fromArray(array $frozen): self
    {
        $back = static fn (mixed $value): mixed => is_array($value)
            && isset($value['id'], $value['with']) ? self::fromArray($value) : $value;
        $with = [];
        foreach (is_array($frozen['with'] ?? null) ? $frozen['with'] : [] as $name => $value) {
            $with[(string) $name] = is_array($value) && array_is_list($value) ? array_map($back, $value) : $back($value);
        }
        $id = $frozen['id'] ?? '';

        /** @var array<string, string|int|float|list<self>|self> $with */
        return new self(is_string($id) ? $id : '', $with);
    }
}
