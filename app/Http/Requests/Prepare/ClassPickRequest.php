<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Which of the teacher's classes is meant; the first where none is named. */
class ClassPickRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['section' => ['nullable', 'integer']];
    }

    /** @throws InvalidInput when it is not this teacher's */
    public function section(): Section
    {
        return $this->oneOfTheirs('section');
    }

    /** @throws InvalidInput naming the field, when it is not this teacher's */
    protected function oneOfTheirs(string $field): Section
    {
        $sections = $this->teacher()->running()->sortBy('id');

        return ($this->filled($field) ? $sections->find($this->integer($field)) : $sections->first())
            ?? throw InvalidInput::because($field, Phrase::of('refusal.no-class'));
    }
}
