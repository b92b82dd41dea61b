<?php

declare(strict_types=1);

namespace App\Http\Requests\Practice;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Practice\JugView;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Unit;
use Illuminate\Validation\Rule;

/** A question for the whole class, as a teacher picks it: skill, level, and which of them. */
final class ClassQuestionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'skill' => ['required', 'string', Rule::enum(Skill::class)],
            'seed' => ['required', 'integer', 'min:1', 'max:999999'],
            'level' => ['required', 'integer', 'between:1,'.Setting::LEVELS],
            'jug_column' => ['sometimes', 'nullable', 'string', Rule::in(array_column(JugView::COLUMNS, 'value'))],
            'jug_eye' => ['sometimes', 'nullable', 'string', Rule::in(array_keys(JugView::EYES))],
        ];
    }

    /** How its jug is to be read, where there is one. */
    public function jug(): JugView
    {
        $eye = $this->string('jug_eye')->toString();

        return new JugView(
            Unit::tryFrom($this->string('jug_column')->toString()), array_key_exists($eye, JugView::EYES) ? $eye : null,
        );
    }

    public function skill(): Skill
    {
        return Skill::from($this->string('skill')->toString());
    }
}
