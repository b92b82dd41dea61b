<?php

declare(strict_types=1);

namespace App\Http\Requests\Join;

use App\Classes\Code;
use App\Http\Requests\ApiRequest;

final class StationJoinRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:16']];
    }

    /** As people type it from a card: any case, with or without the gap in the middle. */
    public function code(): string
    {
        return Code::tidy($this->string('code')->toString());
    }
}
