<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use Illuminate\Validation\Rule;

/** Who sits where, many at once. */
final class SeatsRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $section = $this->route('section')->id ?? 0;

        return [
            'seats' => ['required', 'array', 'list', 'max:200'],
            'seats.*.student_id' => [
                'required', 'integer', 'distinct', Rule::exists('students', 'id')->where('section_id', $section)->whereNull('erased_at'),
            ],
            'seats.*.station_id' => ['present', 'nullable', 'integer', Rule::exists('stations', 'id')->where('section_id', $section)],
        ];
    }

    /** @return array<int, int|null> station by student */
    public function seats(): array
    {
        $seats = [];
        foreach (array_keys((array) $this->input('seats')) as $i) {
            $station = $this->input("seats.$i.station_id");
            $seats[$this->integer("seats.$i.student_id")] = is_numeric($station) ? (int) $station : null;
        }

        return $seats;
    }
}
