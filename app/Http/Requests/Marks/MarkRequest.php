<?php

declare(strict_types=1);

namespace App\Http\Requests\Marks;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Marks\Attendance;
use Hovik\Core\Marks\Criterion;
use Hovik\Core\Marks\Override;
use Hovik\Core\Marks\Rubric;
use Hovik\Core\Marks\Told;
use Illuminate\Validation\Rule;

/** What the teacher says of a student in a lab, all of it. */
final class MarkRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'attendance' => ['required', Rule::enum(Attendance::class)],
            'days_late' => ['present', 'nullable', 'integer', 'min:0', 'max:400'],
            'levels' => ['present', 'array', 'list', 'max:10'],
            'levels.*.id' => ['required', 'string', 'max:40', 'distinct'],
            'levels.*.level' => ['required', 'integer', 'min:0', 'max:4'],
            'overrides' => ['present', 'array', 'list', 'max:10'],
            'overrides.*.id' => ['required', 'string', 'max:40', 'distinct'],
            'overrides.*.points' => ['required', 'integer'],
            'overrides.*.reason' => ['required', 'string', 'max:200'],
        ];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public function told(Rubric $rubric): Told
    {
        $levels = $overrides = [];
        $weights = array_combine(
            array_column($rubric->criteria, 'id'), array_map(static fn (Criterion $one): int => $one->weight, $rubric->criteria),
        );
        foreach (array_keys((array) $this->input('levels')) as $i) {
            $levels[$this->string("levels.$i.id")->toString()] = $this->integer("levels.$i.level");
        }
        foreach (array_keys((array) $this->input('overrides')) as $i) {
            $id = $this->string("overrides.$i.id")->toString();
            $overrides[$id] = Override::of(
                $weights[$id] ?? 0, $this->integer("overrides.$i.points"), $this->string("overrides.$i.reason")->toString(),
                "overrides.$i.",
            );
        }

        return new Told(
            Attendance::from($this->string('attendance')->toString()),
            $this->input('days_late') === null ? null : $this->integer('days_late'), $levels, $overrides,
        );
    }
}
