<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use Hovik\Core\InvalidInput;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** An answer in practice; what it means is the question's to say. */
#[OA\Schema(schema: 'PracticeAnswer', description: 'A choice, a number as typed, a list in order, counts by tool, words by place, or keys.', oneOf: [
    new OA\Schema(type: 'string'), new OA\Schema(type: 'array', items: new OA\Items(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'integer')])),
    new OA\Schema(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
])]
final class AnswerRequest extends FormRequest
{
    /** More than any answer needs. */
    private const MOST_BYTES = 4000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'max:40']];
    }

    /** Of the question that was on the screen. */
    public function questionId(): string
    {
        return $this->string('id')->toString();
    }

    /** @throws InvalidInput when it is longer than an answer can be */
    public function answer(): mixed
    {
        if (strlen($this->getContent()) > self::MOST_BYTES) {
            throw new InvalidInput('answer', 'That is too long for an answer.');
        }

        return $this->input('answer');
    }
}
