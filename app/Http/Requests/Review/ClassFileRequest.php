<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/** A class that was taken out, as text. */
final class ClassFileRequest extends ApiRequest
{
    private const LONGEST = 16_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['bundle' => ['required', 'string', 'max:'.self::LONGEST]];
    }

    /** @throws InvalidInput when it is no JSON */
    public function bundle(): JsonInput
    {
        $read = json_decode($this->string('bundle')->toString(), true);

        return new JsonInput(is_array($read) ? $read : throw InvalidInput::because('bundle', Phrase::of('refusal.no-class-file')));
    }
}
