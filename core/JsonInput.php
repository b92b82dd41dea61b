<?php

declare(strict_types=1);

namespace Hovik\Core;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrase;

/** Reads fields out of what somebody typed as JSON; every refusal names its field. */
final readonly class JsonInput
{
    /** @param  array<array-key, mixed>  $fields */
    public function __construct(private array $fields, private string $path = '')
    {
    }

    public function has(string $field): bool
    {
        return isset($this->fields[$field]);
    }

    /** @throws InvalidInput */
    public function text(string $field, int $longest = 2000): string
    {
        $value = $this->fields[$field] ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.give', ['name' => $field]));

        return is_string($value)
                && strlen($value) <= $longest ? $value : throw InvalidInput::because(
                    $this->path.$field, Phrase::of('refusal.must-be-text', ['name' => $field]),
                );
    }

    /** @throws InvalidInput */
    public function number(string $field): float
    {
        $value = $this->fields[$field] ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.give', ['name' => $field]));

        return is_int($value)
                || is_float($value) ? (float) $value : throw InvalidInput::because(
                    $this->path.$field, Phrase::of('refusal.must-be-number', ['name' => $field]),
                );
    }

    public function numberOr(string $field, ?float $otherwise): ?float
    {
        return $this->has($field) ? $this->number($field) : $otherwise;
    }

    public function anything(string $field): mixed
    {
        return $this->fields[$field] ?? null;
    }

    /** An exact number: text as kitchens write it, or a JSON number. @throws InvalidInput */
    public function exact(string $field): BigRational
    {
        $value = $this->fields[$field] ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.give', ['name' => $field]));
        if (is_int($value) || is_float($value)) {
            $value = is_float($value) && ! is_finite($value) ? '' : rtrim(rtrim(sprintf('%.12F', $value), '0'), '.');
        }

        return is_string($value)
                ? KitchenNotation::read($value, $this->path.$field)
                : throw InvalidInput::because($this->path.$field, Phrase::of('refusal.must-be-amount', ['name' => $field]));
    }

    public function unit(string $field = 'unit'): Unit
    {
        return Unit::named($this->text($field), $this->path.$field);
    }

    public function standard(): MeasureStandard
    {
        return $this->has('standard')
                ? MeasureStandard::named($this->text('standard'), $this->path.'standard')
                : MeasureStandard::UsCustomary;
    }

    /** @throws InvalidInput */
    public function object(string $field): self
    {
        $value = $this->fields[$field] ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.give', ['name' => $field]));

        return is_array($value)
                && ! ($value !== [] && array_is_list($value)) ? new self($value, "$this->path$field.") : throw InvalidInput::because(
                    $this->path.$field, Phrase::of('refusal.must-be-object', ['name' => $field]),
                );
    }

    /** @return list<mixed> @throws InvalidInput */
    public function list(string $field, int $most = 500): array
    {
        $value = $this->fields[$field] ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.give', ['name' => $field]));
        if (! is_array($value) || ! array_is_list($value) || count($value) > $most) {
            throw InvalidInput::because($this->path.$field, Phrase::of('refusal.must-be-list', ['name' => $field, 'most' => $most]));
        }

        return $value;
    }

    /** A whole number. @throws InvalidInput */
    public function whole(string $field): int
    {
        $value = $this->fields[$field] ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.give', ['name' => $field]));

        return is_int($value)
                ? $value
                : throw InvalidInput::because($this->path.$field, Phrase::of('refusal.whole-number', ['name' => $field]));
    }

    /** An exact fraction as it was stored: `13/8`. @throws InvalidInput */
    public function rational(string $field): BigRational
    {
        try {
            return BigRational::of($this->text($field));
        } catch (MathException) {
            throw InvalidInput::because($this->path.$field, Phrase::of('refusal.must-be-amount', ['name' => $field]));
        }
    }

    /** An exact decimal as it was stored: `236.588`. @throws InvalidInput */
    public function decimal(string $field): BigDecimal
    {
        try {
            return BigDecimal::of($this->text($field));
        } catch (MathException) {
            throw InvalidInput::because($this->path.$field, Phrase::of('refusal.must-be-number', ['name' => $field]));
        }
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     *
     * @throws InvalidInput
     */
    public function enum(string $field, string $enum): \BackedEnum
    {
        return $enum::tryFrom($this->text($field))
                ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.no-such', ['id' => $field]));
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return list<E>
     *
     * @throws InvalidInput
     */
    public function enums(string $field, string $enum): array
    {
        return array_map(
            fn (string $value): \BackedEnum => $enum::tryFrom($value)
                    ?? throw InvalidInput::because($this->path.$field, Phrase::of('refusal.no-such', ['id' => $field])),
            $this->texts($field),
        );
    }

    /** @return list<int> @throws InvalidInput */
    public function wholes(string $field): array
    {
        return array_map(
            fn (mixed $one): int => is_int($one)
                    ? $one
                    : throw InvalidInput::because($this->path.$field, Phrase::of('refusal.whole-number', ['name' => $field])),
            $this->list($field),
        );
    }

    /** @return list<float> @throws InvalidInput */
    public function numbers(string $field): array
    {
        return array_map(
            fn (mixed $one): float => is_int($one) || is_float($one)
                    ? (float) $one
                    : throw InvalidInput::because($this->path.$field, Phrase::of('refusal.must-be-number', ['name' => $field])),
            $this->list($field),
        );
    }

    /** Refuses what a newer Hovik wrote. @throws InvalidInput */
    public function atMost(string $field, int $version): void
    {
        if ($this->whole($field) > $version) {
            throw InvalidInput::because($this->path.$field, Phrase::of('refusal.newer'));
        }
    }

    /** @throws InvalidInput */
    public function refuse(string $field): never
    {
        throw InvalidInput::because($this->path.$field, Phrase::of('refusal.cannot-be-used', ['name' => $field]));
    }

    /** @return list<string> @throws InvalidInput */
    public function texts(string $field): array
    {
        return array_map(
            fn (mixed $one): string => is_string($one)
                    ? $one
                    : throw InvalidInput::because($this->path.$field, Phrase::of('refusal.must-be-text', ['name' => $field])),
            $this->list($field),
        );
    }

    /** @return list<self> @throws InvalidInput */
    public function objects(string $field): array
    {
        $objects = [];
        foreach ($this->list($field) as $i => $one) {
            $objects[] = is_array($one)
                    ? new self($one, "$this->path$field.$i.")
                    : throw InvalidInput::because("$this->path$field.$i", Phrase::of('refusal.must-be-object', ['name' => $field]));
        }

        return $objects;
    }

    /** @return list<Phrase> @throws InvalidInput */
    public function phrases(string $field): array
    {
        return array_map(static fn (self $one): Phrase => Phrase::fromArray($one->fields), $this->objects($field));
    }

    /** @return list<mixed> none when it is not there @throws InvalidInput */
    public function listOr(string $field): array
    {
        return $this->has($field) ? $this->list($field) : [];
    }

    public function flag(string $field, bool $otherwise): bool
    {
        $value = $this->fields[$field] ?? $otherwise;

        return is_bool($value)
                ? $value
                : throw InvalidInput::because($this->path.$field, Phrase::of('refusal.true-or-false', ['name' => $field]));
    }

    /**
     * Refuses fields that nobody reads: a misspelt one would be passed over in silence.
     *
     * @param  list<string>  $known
     *
     * @throws InvalidInput
     */
    public function only(array $known): void
    {
        foreach (array_keys($this->fields) as $field) {
            if (! in_array($field, $known, true)) {
                throw InvalidInput::because(
                    $this->path.$field, Phrase::of('refusal.unknown-field', ['name' => $field, 'known' => implode(', ', $known)]),
                );
            }
        }
    }

    /** @return array<array-key, mixed> none when it is not there @throws InvalidInput */
    public function listOrMap(string $field): array
    {
        $value = $this->fields[$field] ?? [];

        return is_array($value)
                && count($value) <= 500 ? $value : throw InvalidInput::because(
                    $this->path.$field, Phrase::of('refusal.must-be-object', ['name' => $field]),
                );
    }
}
