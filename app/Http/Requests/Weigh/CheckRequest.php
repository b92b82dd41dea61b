<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Http\Requests\ApiRequest;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** A list of ticks, and who ticked it where the tablet knows. */
final class CheckRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'lab_id' => ['required', 'integer'],
            'ticked' => ['present', 'array', 'list', 'max:20'],
            'ticked.*' => ['string', 'max:24'],
            'student_id' => ['nullable', 'integer'],
        ];
    }

    /** @return list<string> */
    public function ticked(): array
    {
        return $this->texts('ticked');
    }

    public function studentOf(Station $station): ?Student
    {
        $actor = $this->user();
        if ($actor instanceof Student) {
            return $actor;
        }
        if ($this->input('student_id') === null) {
            return null;
        }

        return $station->students()->find($this->integer('student_id'))
                ?? throw InvalidInput::because('student_id', Phrase::of('refusal.not-at-station'));
    }
}
