<?php

declare(strict_types=1);

namespace App\Http\Requests\Marks;

use App\Http\Requests\ApiRequest;
use App\Models\Kitchen;
use App\Words\Said;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Marks\RubricTemplate;
use Illuminate\Validation\Rule;

/** Which rubric a lab is marked by: one of the kitchen's, or a ready one; and whether it is an exam. */
final class LabRubricRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rubric_id' => ['present', 'nullable', 'integer'],
            'template' => ['present', 'nullable', Rule::enum(RubricTemplate::class)],
            'exam' => ['required', 'boolean'],
        ];
    }

    /** @return Rubric|null null: it is not marked */
    public function rubric(Kitchen $kitchen): ?Rubric
    {
        $template = RubricTemplate::tryFrom($this->string('template')->toString());

        return $this->filled('rubric_id')
            ? $kitchen->rubrics()->findOrFail($this->integer('rubric_id'))->rubric
            : $template?->rubric(Said::phrase($template->said()));
    }
}
