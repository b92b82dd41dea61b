<?php

declare(strict_types=1);

namespace App\Http\Requests\Drawer;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Quantity\MeasureStandard;

final class ToolRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $id = $this->route('id');
        ToolCatalogue::tool(is_string($id) ? $id : '', MeasureStandard::UsCustomary, field: 'id'); // refuses what is no tool
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'count' => ['required', 'integer', 'min:0', 'max:200'],
            'place' => ['present', 'nullable', 'string', 'max:40'],
            'in_set' => ['sometimes', 'integer', 'min:0', 'max:9'],
            'retired' => ['sometimes', 'integer', 'min:0', 'lte:count'],
            'worn' => ['sometimes', 'array', 'list', 'max:60'],
            'worn.*' => ['string', 'max:40', 'distinct'],
        ];
    }

    /** @return array<string, mixed> as columns; what was not sent stays */
    public function owned(): array
    {
        return $this->safe(['count', 'place', 'in_set', 'retired', 'worn']);
    }
}
