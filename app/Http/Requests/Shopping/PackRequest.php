<?php

declare(strict_types=1);

namespace App\Http\Requests\Shopping;

use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Shopping\Pack;
use Illuminate\Validation\Rule;

/** How the kitchen buys a food: the size of a pack, what is at hand in the same unit, and what a pack costs. */
final class PackRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $this->readNumbers('size', 'stock', 'price');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'size' => ['required', 'string', 'max:12'],
            'unit' => ['required', 'string', Rule::in(array_map(static fn (Unit $unit): string => $unit->value, Pack::UNITS))],
            'stock' => ['present', 'nullable', 'string', 'max:12'],
            'price' => ['present', 'nullable', 'string', 'max:12'],
        ];
    }

    /**
     * @return array{size: string, unit: Unit, stock: string, price: string|null}
     *
     * @throws InvalidInput at its field
     */
    public function kept(string $ingredient): array
    {
        $text = fn (string $field): string => trim($this->string($field)->toString());
        $kept = [
            'size' => $text('size'), 'unit' => Unit::from($text('unit')), 'stock' => $text('stock') === '' ? '0' : $text('stock'),
            'price' => $text('price') === '' ? null : $text('price'),
        ];
        $pantry = $this->teacher()->kitchen->pantry();
        $pack = Pack::of(
            $kept['size'], $kept['unit'], $kept['stock'], $kept['price'], $pantry->ingredient($ingredient), $pantry,
        ); // refuses, at its field, what makes no sense

        return [...$kept, 'price' => $pack->price === null ? null : (string) $pack->price];
    }
}
