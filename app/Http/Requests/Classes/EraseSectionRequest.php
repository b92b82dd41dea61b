<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** The class's name, typed by whoever means it. */
final class EraseSectionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120']];
    }

    protected function passedValidation(): void
    {
        $section = $this->route('section');
        if (! $section instanceof Section || $this->string('name')->trim()->toString() !== $section->name) {
            throw InvalidInput::because('name', Phrase::of('refusal.not-its-name'));
        }
    }
}
