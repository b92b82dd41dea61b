<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Review\Competency;
use Illuminate\Validation\Rule;

/** The school's own list of skills, whole. */
final class CompetenciesRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'list' => ['present', 'array', 'list', 'max:60'],
            'list.*.code' => ['required', 'string', 'max:20', 'distinct:ignore_case'],
            'list.*.text' => ['required', 'string', 'max:200'],
            'list.*.families' => ['present', 'array', 'list', 'max:20'],
            'list.*.families.*' => [Rule::enum(Family::class)],
            'list.*.skills' => ['present', 'array', 'list', 'max:30'],
            'list.*.skills.*' => [Rule::enum(Skill::class)],
        ];
    }

    /**
     * @return list<array{code: string, text: string, asks: Competency}>
     *
     * @throws \Hovik\Core\InvalidInput
     */
    public function kept(): array
    {
        $kept = [];
        foreach (array_keys((array) $this->input('list')) as $i) {
            $kept[] = [
                'code' => $this->string("list.$i.code")->trim()->toString(), 'text' => $this->string("list.$i.text")->trim()->toString(),
                'asks' => Competency::of(
                    array_map(Family::from(...), $this->texts("list.$i.families")),
                    array_map(Skill::from(...), $this->texts("list.$i.skills")),
                    "list.$i.families",
                ),
            ];
        }

        return $kept;
    }
}
