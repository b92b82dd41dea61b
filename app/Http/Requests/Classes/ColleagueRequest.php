<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Models\Section;
use App\Models\Teacher;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

final class ColleagueRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190'], 'role' => ['required', 'in:co-teacher,aide']];
    }

    /** A teacher of the same kitchen, other than the class's own. */
    public function colleague(Section $section): Teacher
    {
        return Teacher::query()->where('kitchen_id', $section->kitchen_id)->where('email', $this->string('email')->toString())->whereKeyNot($section->teacher_id)->first()
            ?? throw ValidationException::withMessages(['email' => [__('refusals.no_such_colleague')]]);
    }
}
