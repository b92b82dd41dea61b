<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Who it is in truth: another student of the class. */
final class MergeRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['into' => ['required', 'integer']];
    }

    /** @throws InvalidInput when it is nobody else of this class */
    public function other(): Student
    {
        $student = $this->route('student');
        assert($student instanceof Student);

        return $student->section->students()->whereKeyNot($student->id)->find($this->integer('into'))
            ?? throw InvalidInput::because('into', Phrase::of('refusal.nobody-else'));
    }
}
