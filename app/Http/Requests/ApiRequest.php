<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Teacher;
use Illuminate\Foundation\Http\FormRequest;

/** What a call brings, checked at the edge. Its rules are the schema of its body (or query) in docs/openapi.json. */
abstract class ApiRequest extends FormRequest
{
    /** Fields that come with the address, and so are not in the body. */
    public const FROM_ADDRESS = [];

    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    protected function teacher(): Teacher
    {
        $teacher = $this->user();
        assert($teacher instanceof Teacher);

        return $teacher;
    }

    /** A mail as it is stored: in small letters. */
    public function mail(): string
    {
        return mb_strtolower($this->string('email')->trim()->toString());
    }

    /** A number of a row, for looking before the rules have: none where it is none. */
    protected function id(string $field): int
    {
        return is_numeric($this->input($field)) ? (int) $this->input($field) : 0;
    }

    /**
     * What may be missing, and is, has nothing to be asked of: most rules of most calls, each of which would cost its time.
     *
     * @return array<array-key, mixed>
     */
    protected function validationRules(): array
    {
        return array_filter(parent::validationRules(), fn (mixed $rules, string $field): bool => ! is_array($rules)
            || ! self::mayBeMissing($rules) || $this->has(explode('.', $field)[0]), ARRAY_FILTER_USE_BOTH);
    }

    /** @param  array<array-key, mixed>  $rules */
    private static function mayBeMissing(array $rules): bool
    {
        foreach ($rules as $rule) {
            if (! is_string($rule) || preg_match('/^(required|present|accepted|declined|missing|filled)/', $rule) === 1) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    protected function texts(string $field): array
    {
        return array_values(array_filter((array) $this->input($field), is_string(...)));
    }

    /** Numbers as hands type them: half the world with a decimal comma. */
    protected function readNumbers(string ...$fields): void
    {
        $this->merge(array_map(TypedNumber::read(...), $this->only($fields)));
    }
}
