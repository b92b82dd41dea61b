<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;

/** A roster as text. Bytes that are no text arrive base64-coded, so that the file itself is looked at, and not a mended copy. */
final class RosterRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:5600000'],
            'look' => ['required', 'boolean'], 'coded' => ['nullable', 'boolean'],
            'first_names' => ['nullable', 'boolean'],
        ];
    }

    /** First names alone, unless whole names are asked for. */
    public function isFirstOnly(): bool
    {
        return $this->boolean('first_names', true);
    }

    public function text(): string
    {
        $text = $this->string('text')->toString();

        return $this->boolean('coded') ? (string) base64_decode($text, true) : $text;
    }
}
