<?php

declare(strict_types=1);

namespace App\Http\Requests\Pantry;

use App\Http\Requests\TypedNumber;
use App\Models\Teacher;
use Hovik\Core\Pantry\NewIngredient;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class NewIngredientRequest extends FormRequest
{
    private NewIngredient $new;

    protected function prepareForValidation(): void
    {
        $this->merge(array_map(TypedNumber::read(...), $this->only('grams')));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:50'], 'family' => ['required', 'string', 'max:24'], 'grams' => ['required', 'string', 'max:12'],
            'allergens' => ['present', 'array', 'list', 'max:20'], 'allergens.*' => ['string', 'max:20'], 'reason' => ['required', 'string', 'max:200'],
        ];
    }

    protected function passedValidation(): void
    {
        $allergens = array_values(array_filter((array) $this->input('allergens'), is_string(...)));
        $this->new = NewIngredient::named($this->string('name')->toString(), $this->string('family')->toString(), $this->string('grams')->toString(), $allergens);
        /** @var Teacher $teacher */
        $teacher = $this->user();
        if (in_array($this->new->id, $teacher->kitchen->pantry()->ids(), true)) {
            throw ValidationException::withMessages(['name' => [__('validation.unique')]]);
        }
    }

    public function ingredient(): NewIngredient
    {
        return $this->new;
    }
}
