<?php

declare(strict_types=1);

namespace App\Http\Requests\Drawer;

use App\Models\Teacher;
use Hovik\Core\Drawer\ToolCatalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ScaleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Teacher $teacher */
        $teacher = $this->user();

        return ['name' => ['required', 'string', 'max:40', Rule::unique('scales', 'name')->where('kitchen_id', $teacher->kitchen_id)], 'catalogue_id' => ['required', 'string', 'max:60']];
    }

    protected function passedValidation(): void
    {
        ToolCatalogue::scale($this->string('catalogue_id')->toString(), field: 'catalogue_id');
    }
}
