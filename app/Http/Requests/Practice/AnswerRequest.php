<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** An answer in practice; what it means is the question's to say. */
final class AnswerRequest extends ApiRequest
{
    /** More than any answer needs. */
    private const MOST_BYTES = 4000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'max:40'], 'answer' => ['present']];
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
            throw InvalidInput::because('answer', Phrase::of('refusal.answer-too-long'));
        }

        return $this->input('answer');
    }
}
