<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;

/** Reads fields out of what somebody typed as JSON; every refusal names its field. */
final readonly class Given
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
        $value = $this->fields[$field] ?? throw new InvalidInput($this->path.$field, "Give '$field'.");

        return is_string($value) && strlen($value) <= $longest ? $value : throw new InvalidInput($this->path.$field, "'$field' must be text.");
    }

    /** @throws InvalidInput */
    public function number(string $field): float
    {
        $value = $this->fields[$field] ?? throw new InvalidInput($this->path.$field, "Give '$field'.");

        return is_int($value) || is_float($value) ? (float) $value : throw new InvalidInput($this->path.$field, "'$field' must be a number.");
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
    public function exact(string $field): \Brick\Math\BigRational
    {
        $value = $this->fields[$field] ?? throw new InvalidInput($this->path.$field, "Give '$field'.");
        if (is_int($value) || is_float($value)) {
            $value = is_float($value) && ! is_finite($value) ? '' : rtrim(rtrim(sprintf('%.12F', $value), '0'), '.');
        }

        return is_string($value) ? KitchenNotation::read($value, $this->path.$field) : throw new InvalidInput($this->path.$field, "'$field' must be an amount like \"1 3/4\".");
    }

    public function unit(string $field = 'unit'): Unit
    {
        return Unit::named($this->text($field), $this->path.$field);
    }

    public function standard(): MeasureStandard
    {
        return $this->has('standard') ? MeasureStandard::named($this->text('standard'), $this->path.'standard') : MeasureStandard::UsCustomary;
    }

    /** @throws InvalidInput */
    public function object(string $field): self
    {
        $value = $this->fields[$field] ?? throw new InvalidInput($this->path.$field, "Give '$field'.");

        return is_array($value) && ! ($value !== [] && array_is_list($value)) ? new self($value, "$this->path$field.") : throw new InvalidInput($this->path.$field, "'$field' must be an object.");
    }

    /** @return list<mixed> @throws InvalidInput */
    public function list(string $field, int $most = 500): array
    {
        $value = $this->fields[$field] ?? throw new InvalidInput($this->path.$field, "Give '$field'.");
        if (! is_array($value) || ! array_is_list($value) || count($value) > $most) {
            throw new InvalidInput($this->path.$field, "'$field' must be a list of at most $most.");
        }

        return $value;
    }

    /** @return list<mixed> none when it is not there @throws InvalidInput */
    public function listOr(string $field): array
    {
        return $this->has($field) ? $this->list($field) : [];
    }

    public function flag(string $field, bool $otherwise): bool
    {
        $value = $this->fields[$field] ?? $otherwise;

        return is_bool($value) ? $value : throw new InvalidInput($this->path.$field, "'$field' must be true or false.");
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
                throw new InvalidInput($this->path.$field, "There is no '$field' here; use ".implode(', ', $known).'.');
            }
        }
    }

    /** @return array<array-key, mixed> none when it is not there @throws InvalidInput */
    public function listOrMap(string $field): array
    {
        $value = $this->fields[$field] ?? [];

        return is_array($value) && count($value) <= 500 ? $value : throw new InvalidInput($this->path.$field, "'$field' must be a list or an object.");
    }
}
