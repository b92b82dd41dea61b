<?php

declare(strict_types=1);

namespace App\Http\Requests\Technique;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;

final class TechniqueRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['section' => [$this->user() instanceof Teacher ? 'required' : 'nullable', 'integer']];
    }

    /** A student's or station's own class; a teacher says which. */
    public function section(): Section
    {
        $actor = $this->user();

        return $actor instanceof Student
                || $actor instanceof Station ? $actor->section : Section::query()->findOrFail($this->integer('section'));
    }
}
