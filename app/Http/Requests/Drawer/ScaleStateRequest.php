<?php

declare(strict_types=1);

namespace App\Http\Requests\Drawer;

use App\Http\Requests\ApiRequest;

final class ScaleStateRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['out_of_order' => ['required', 'boolean']];
    }
}
