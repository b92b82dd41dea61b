<?php

declare(strict_types=1);

namespace App\Http\Requests\Marks;

use App\Http\Requests\ApiRequest;
use Hovik\Core\JsonInput;
use Hovik\Core\Marks\CriterionKind;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Pantry\Family;
use Illuminate\Validation\Rule;

/** A rubric, as the editor sends it. The core refuses what does not hold together. */
final class RubricRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'criteria' => ['required', 'array', 'list', 'min:1', 'max:10'],
            'criteria.*.kind' => ['required', Rule::enum(CriterionKind::class)],
            'criteria.*.name' => ['present', 'nullable', 'string', 'max:60'],
            'criteria.*.weight' => ['required', 'integer'],
            'criteria.*.families' => ['present', 'array', 'list', 'max:20'],
            'criteria.*.families.*' => [Rule::enum(Family::class)],
            'criteria.*.bands' => ['required', 'array', 'list', 'min:1', 'max:20'],
            'criteria.*.bands.*.from' => ['required', 'integer'],
            'criteria.*.bands.*.to' => ['present', 'nullable', 'integer'],
            'criteria.*.bands.*.score' => ['required', 'integer'],
            'criteria.*.first_share' => ['required', 'integer'],
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public function rubric(): Rubric
    {
        return Rubric::fromArray(new JsonInput((array) $this->validated()));
    }
}
