<?php

declare(strict_types=1);

namespace App\Http\Requests\Drawer;

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Quantity\MeasureStandard;
use Illuminate\Foundation\Http\FormRequest;

final class ToolRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $id = $this->route('id');
        ToolCatalogue::tool(is_string($id) ? $id : '', MeasureStandard::UsCustomary, field: 'id'); // refuses what is no tool
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['count' => ['required', 'integer', 'min:0', 'max:200'], 'place' => ['present', 'nullable', 'string', 'max:40']];
    }
}
