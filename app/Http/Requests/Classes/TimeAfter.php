<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/** A time of day that comes after another field's, whatever somebody sent as that. */
final class TimeAfter implements DataAwareRule, ValidationRule
{
    /** @var array<array-key, mixed> */
    private array $data = [];

    private function __construct(private readonly string $other)
    {
    }

    public static function field(string $other): self
    {
        return new self($other);
    }

    /** @param  array<array-key, mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $other = $this->data[$this->other] ?? null;
        if (! is_string($other) || ! is_string($value) || $value <= $other) {
            $fail('validation.after')->translate();
        }
    }
}
