<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;

/** Opens a lab; anyway, where a plan misses by more than is tolerated. */
final class OpenLabRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['anyway' => ['sometimes', 'boolean']];
    }
}
