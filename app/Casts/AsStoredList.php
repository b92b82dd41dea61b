<?php

declare(strict_types=1);

namespace App\Casts;

use Hovik\Core\JsonInput;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A list of values of the core, stored whole as JSON: `AsStoredList::class.':'.RecipeLine::class`.
 *
 * @implements CastsAttributes<list<object>, list<object>>
 */
final class AsStoredList implements CastsAttributes
{
    /** @param  class-string  $class */
    public function __construct(private readonly string $class)
    {
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return list<object>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $stored = json_decode(is_string($value) ? $value : '[]', true, 64, JSON_THROW_ON_ERROR);

        return array_map(
            fn (JsonInput $one): object => $this->class::fromArray($one),
            (new JsonInput([$key => is_array($stored) ? array_values($stored) : []]))->objects($key),
        );
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        assert(is_array($value));

        return json_encode(
            array_map(static fn (object $one): mixed => method_exists($one, 'toArray') ? $one->toArray() : null, $value),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }
}
