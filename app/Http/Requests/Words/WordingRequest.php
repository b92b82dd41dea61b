<?php

declare(strict_types=1);

namespace App\Http\Requests\Words;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Words\OwnWords;

final class WordingRequest extends ApiRequest
{
    private string $words = '';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['present', 'nullable', 'string', 'max:1000']];
    }

    protected function passedValidation(): void
    {
        $id = $this->route('phrase');
        $this->words = OwnWords::checked(is_string($id) ? $id : '', $this->string('text')->toString(), app()->getLocale());
    }

    public function words(): string
    {
        return $this->words;
    }
}
