<?php

declare(strict_types=1);

namespace App\Casts;

use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\Unit;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * The columns `amount` and `unit` as one amount.
 *
 * @implements CastsAttributes<Amount, Amount>
 */
final class AsAmount implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Amount
    {
        return Amount::of(is_string($value) ? $value : '', Unit::from(is_string($attributes['unit']) ? $attributes['unit'] : ''));
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, string>
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        assert($value instanceof Amount);

        return ['amount' => KitchenNotation::write($value->number), 'unit' => $value->unit->value];
    }
}
