<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Models\Section;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** A question for the whole class, as a teacher picks it: skill, level, and which of them. */
final class ClassQuestionRequest extends FormRequest
{
    public function authorize(): bool
    {
        $section = $this->route('section');

        return $section instanceof Section && Gate::allows('run', $section);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['skill' => ['required', 'string', 'max:24'], 'seed' => ['required', 'integer', 'min:1', 'max:999999'], 'level' => ['required', 'integer', 'between:1,'.Setting::LEVELS]];
    }

    /** @throws \Hovik\Core\InvalidInput when there is no such skill */
    public function skill(): Skill
    {
        return Skill::named($this->string('skill')->toString());
    }
}
