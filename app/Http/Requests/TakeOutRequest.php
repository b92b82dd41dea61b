<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Something is taken out; or asked first whether it may be, so that a refusal is told before the time in which it could be undone. */
final class TakeOutRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['ask' => ['sometimes', 'string', 'in:first']];
    }

    public function onlyAsks(): bool
    {
        return $this->input('ask') === 'first';
    }
}
