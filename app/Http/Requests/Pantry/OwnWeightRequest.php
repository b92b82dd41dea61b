<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;

final class OwnWeightRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $this->readNumbers('grams');
    }

    /** @return array<string, list<mixed>> */
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
        $isCounted = $ingredient->family === Family::Counted;
        $weights = ['g_per_us_cup' => $isCounted ? null : $grams, 'g_per_piece' => $isCounted ? $grams : null];
        try {
            $pantry->with([$ingredient->id => $weights]);
        } catch (InvalidInput $refusal) {
            throw InvalidInput::because('grams', $refusal->phrase);
        }

        return $weights;
    }
}
