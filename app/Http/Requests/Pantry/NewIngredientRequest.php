<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\NewIngredient;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final class NewIngredientRequest extends ApiRequest
{
    private NewIngredient $new;

    protected function prepareForValidation(): void
    {
        $this->readNumbers('grams');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:50'],
            'family' => ['required', 'string', Rule::enum(Family::class)],
            'grams' => ['required', 'string', 'max:12'],
            'allergens' => ['present', 'array', 'list', 'max:20'],
            'allergens.*' => ['string', 'max:20'],
            'reason' => ['required', 'string', 'max:200'],
        ];
    }

    protected function passedValidation(): void
    {
        $this->new = NewIngredient::named(
            $this->string('name')->toString(),
            $this->string('family')->toString(),
            $this->string('grams')->toString(),
            $this->texts('allergens'),
        );
        $kitchen = $this->teacher()->kitchen;
        // As the database compares: without regard to case and accents.
        if ($kitchen->ownIngredients()->where('ingredient_id', $this->new->id)->exists()) {
            throw ValidationException::withMessages(['name' => [__('validation.unique')]]);
        }
    }

    public function ingredient(): NewIngredient
    {
        return $this->new;
    }
}
