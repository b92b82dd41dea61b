<?php

declare(strict_types=1);

namespace App\Http\Requests\Checks;

use App\Http\Requests\ApiRequest;
use App\Models\NamedTool;
use Illuminate\Validation\Rule;

/** What a certain tool is called, where it lies, and whether it is in use. */
final class NamedToolRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $tool = $this->route('tool');
        $name = Rule::unique('named_tools', 'name')->where('kitchen_id', $this->user()->kitchen_id ?? 0);

        return [
            'name' => ['required', 'string', 'max:60', $tool instanceof NamedTool ? $name->ignore($tool->id) : $name],
            'place' => ['present', 'nullable', 'string', 'max:40'],
            'is_retired' => ['required', 'boolean'],
        ];
    }
}
