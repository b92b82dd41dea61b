<?php

declare(strict_types=1);

namespace App\Casts;

use Hovik\Core\Recipe\Factor;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A recipe's factor, exact.
 *
 * @implements CastsAttributes<Factor, Factor>
 */
final class AsFactor implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Factor
    {
        return Factor::of(is_string($value) ? $value : '1');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        assert($value instanceof Factor);

        return $value->text();
    }
}
