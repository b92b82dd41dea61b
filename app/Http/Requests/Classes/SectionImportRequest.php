<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Exchange\Roster;
use App\Http\Requests\ApiRequest;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A OneRoster classes.csv. */
final class SectionImportRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:5600000']];
    }

    /** @return list<string> */
    public function titles(): array
    {
        $titles = Roster::classes($this->string('text')->toString());

        return is_string($titles) ? throw InvalidInput::because('text', Phrase::of($titles)) : $titles;
    }
}
