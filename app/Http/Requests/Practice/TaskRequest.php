<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Aim;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** Practice as a teacher sets it. */
final class TaskRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $section = $this->route('section');
        $today = Carbon::now($section instanceof Section ? $section->kitchen->school->time_zone : 'UTC')->toDateString();

        return [
            'aims' => ['required', 'array', 'list', 'min:1', 'max:120'],
            'aims.*' => ['string', 'distinct', Rule::in(array_map(
                static fn (Aim $aim): string => $aim->id(), [...Aim::all(), ...Aim::allWith(Family::cases())],
            ))],
            'student_id' => ['nullable', 'integer', Rule::exists('students', 'id')->where('section_id', $section->id ?? 0)],
            'due_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', "after_or_equal:$today"],
        ];
    }

    /** @return array{aims: list<string>, student_id: int|null, due_on: string} */
    public function kept(): array
    {
        return [
            'aims' => $this->texts('aims'),
            'student_id' => $this->input('student_id') === null ? null : $this->integer('student_id'),
            'due_on' => $this->string('due_on')->toString(),
        ];
    }
}
