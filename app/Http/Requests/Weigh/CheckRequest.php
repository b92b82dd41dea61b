<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Models\Station;
use App\Models\Student;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** A list of ticks, and who ticked it where the tablet knows. */
final class CheckRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'ulid'], 'lab_id' => ['required', 'integer'], 'ticked' => ['present', 'array', 'list', 'max:20'], 'ticked.*' => ['string', 'max:24'], 'student_id' => ['nullable', 'integer']];
    }

    /** @return list<string> */
    public function ticked(): array
    {
        return array_values(array_filter((array) $this->input('ticked'), is_string(...)));
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

        return $station->students()->find($this->integer('student_id')) ?? throw ValidationException::withMessages(['student_id' => [__('refusals.not_at_station')]]);
    }
}
