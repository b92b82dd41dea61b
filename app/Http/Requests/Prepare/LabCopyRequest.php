<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Models\Section;

/** For which of the teacher's classes, and on which days, a lab is copied. */
final class LabCopyRequest extends ClassPickRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'copies' => ['required', 'array', 'list', 'min:1', 'max:20'],
            'copies.*.section' => ['required', 'integer'],
            'copies.*.planned_for' => ['required', 'string', 'date_format:Y-m-d'],
        ];
    }

    /** @return non-empty-list<array{section: Section, day: string}> */
    public function copies(): array
    {
        $copies = array_map(fn (int|string $i): array => [
            'section' => $this->oneOfTheirs("copies.$i.section"), 'day' => $this->string("copies.$i.planned_for")->toString(),
        ], array_keys($this->array('copies')));
        assert($copies !== []);

        return $copies;
    }
}
