<?php

declare(strict_types=1);

namespace App\Casts;

use Hovik\Core\JsonInput;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A value of the core, stored whole as JSON: `AsStored::class.':'.FrozenLine::class`. Its class has toArray() and fromArray().
 *
 * @implements CastsAttributes<object, object>
 */
final class AsStored implements CastsAttributes
{
    /** @param  class-string  $class */
    public function __construct(private readonly string $class)
    {
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?object
    {
        if (! is_string($value)) {
            return null;
        }
        $stored = json_decode($value, true, 64, JSON_THROW_ON_ERROR);

        return $this->class::fromArray(new JsonInput(is_array($stored) ? $stored : [], "$key."));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return is_object($value)
                && method_exists($value, 'toArray') ? json_encode($value->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) : null;
    }
}
