<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

use App\Http\Requests\ApiRequest;
use App\Models\Lab;
use Illuminate\Validation\Rule;

/** Which lines of a lab its second period measures, by their places. */
final class SecondPeriodRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $lab = $this->route('lab');
        $places = $lab instanceof Lab ? $lab->items()->pluck('position')->all() : [];

        return ['later' => ['present', 'array', 'list'], 'later.*' => ['integer', 'distinct', Rule::in($places)]];
    }

    /** @return list<int> */
    public function later(): array
    {
        return array_values(array_map(static fn (mixed $place): int => is_numeric($place) ? (int) $place : 0, $this->array('later')));
    }
}
