<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\PersonName;

final class KitchenRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80', new PersonName]];
    }
}
