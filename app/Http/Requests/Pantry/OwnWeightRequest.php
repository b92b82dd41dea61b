<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\TypedNumber;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class OwnWeightRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(array_map(TypedNumber::read(...), $this->only('grams')));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['grams' => ['required', 'numeric', 'regex:/^\d{1,4}(\.\d{1,3})?$/'], 'reason' => ['required', 'string', 'max:200']];
    }

    /** @return array{g_per_us_cup: string|null, g_per_piece: string|null} */
    public function weights(): array
    {
        $id = $this->route('ingredient');
        $pantry = Pantry::reference();
        $ingredient = $pantry->ingredient(is_string($id) ? $id : '');
        $grams = $this->string('grams')->toString();
        $weights = $ingredient->family === Family::Counted ? ['g_per_us_cup' => null, 'g_per_piece' => $grams] : ['g_per_us_cup' => $grams, 'g_per_piece' => null];
        try {
            $pantry->with([$ingredient->id => $weights]);
        } catch (InvalidInput $refusal) {
            throw ValidationException::withMessages(['grams' => [$refusal->getMessage()]]);
        }

        return $weights;
    }
}
