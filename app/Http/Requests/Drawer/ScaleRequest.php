<?php

declare(strict_types=1);

namespace App\Http\Requests\Drawer;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Drawer\ToolCatalogue;
use Illuminate\Validation\Rule;

final class ScaleRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:40', Rule::unique('scales', 'name')->where('kitchen_id', $this->user()->kitchen_id ?? 0)],
            'catalogue_id' => ['required', 'string', 'max:60'],
        ];
    }

    protected function passedValidation(): void
    {
        ToolCatalogue::scale($this->string('catalogue_id')->toString(), field: 'catalogue_id');
    }
}
