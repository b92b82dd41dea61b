<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;

/** A note; empty: it is taken away. */
final class NoteRequest extends ApiRequest
{
    private const LONGEST = 1000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['present', 'nullable', 'string', 'max:'.self::LONGEST]];
    }

    public function text(): string
    {
        return $this->string('text')->trim()->toString();
    }
}
