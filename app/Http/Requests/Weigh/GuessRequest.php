<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Http\Requests\ApiRequest;
use App\Models\Diagnosis;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

final class GuessRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['cause' => ['required', 'string', Rule::enum(Cause::class)]];
    }

    /** @throws InvalidInput when it is none of those to choose from */
    public function cause(Diagnosis $diagnosis): Cause
    {
        $cause = Cause::from($this->string('cause')->toString());

        return in_array($cause, array_column($diagnosis->causes, 'cause'), true)
                ? $cause
                : throw InvalidInput::because('cause', Phrase::of('refusal.no-such-cause'));
    }
}
