<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Models\Section;
use Hovik\Core\Practice\Aim;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Practice as a teacher sets it. */
final class TaskRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('run', $this->section());
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $today = Carbon::now($this->section()->kitchen->time_zone)->toDateString();

        return [
            'aims' => ['required', 'array', 'list', 'min:1', 'max:40'],
            'aims.*' => ['string', 'distinct', Rule::in(array_map(static fn (Aim $aim): string => $aim->id(), Aim::all()))],
            'student_id' => ['nullable', 'integer', Rule::exists('students', 'id')->where('section_id', $this->section()->id)],
            'due_on' => ['required', 'date_format:Y-m-d', "after_or_equal:$today"],
        ];
    }

    /** @return array{aims: list<string>, student_id: int|null, due_on: string} */
    public function kept(): array
    {
        return [
            'aims' => array_values(array_filter((array) $this->input('aims'), is_string(...))),
            'student_id' => $this->input('student_id') === null ? null : $this->integer('student_id'),
            'due_on' => $this->string('due_on')->toString(),
        ];
    }

    private function section(): Section
    {
        $section = $this->route('section');
        assert($section instanceof Section);

        return $section;
    }
}
