<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Http\Requests\ApiRequest;
use App\Models\Kitchen;
use App\School\AdultRole;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

/** What an adult is in the school. */
class PersonRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'role' => ['required', 'string', Rule::enum(AdultRole::class)], 'kitchen_id' => ['required', 'integer'],
            'active' => ['required', 'boolean'],
        ];
    }

    public function role(): AdultRole
    {
        return AdultRole::from($this->string('role')->toString());
    }

    /** One of the school's. */
    public function kitchen(): Kitchen
    {
        return $this->teacher()->kitchen->school->kitchens()->find($this->integer('kitchen_id'))
            ?? throw InvalidInput::because('kitchen_id', Phrase::of('refusal.no-such-kitchen'));
    }
}
