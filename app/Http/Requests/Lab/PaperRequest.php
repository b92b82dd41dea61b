<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What was written on paper, typed in: to be judged, or to be stored. */
#[OA\Schema(schema: 'PaperEntry', required: ['id', 'line_id', 'station_id', 'student_id', 'scale_id', 'grams'], properties: [
    new OA\Property(property: 'id', type: 'string', description: 'ULID: sent twice it is stored once.'), new OA\Property(property: 'line_id', type: 'integer'), new OA\Property(property: 'station_id', type: 'integer'),
    new OA\Property(property: 'student_id', type: 'integer'), new OA\Property(property: 'scale_id', type: 'integer'), new OA\Property(property: 'grams', type: 'string'),
])]
final class PaperRequest extends FormRequest
{
    /** Twelve stations by fourteen lines, three times each. */
    private const MOST = 504;

    public function authorize(): bool
    {
        return Gate::allows('run', $this->route('lab'));
    }

    protected function prepareForValidation(): void
    {
        $entries = $this->input('entries');
        if (is_array($entries)) {
            $this->merge(['entries' => array_map(static fn (mixed $entry): mixed => is_array($entry) ? ['grams' => TypedNumber::read($entry['grams'] ?? null)] + $entry : $entry, $entries)]);
        }
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'store' => ['required', 'boolean'],
            'entries' => ['required', 'array', 'list', 'max:'.self::MOST],
            'entries.*.id' => ['required', 'string', 'ulid', 'distinct'],
            'entries.*.line_id' => ['required', 'integer'],
            'entries.*.station_id' => ['required', 'integer'],
            'entries.*.student_id' => ['required', 'integer'],
            'entries.*.scale_id' => ['required', 'integer'],
            'entries.*.grams' => ['required', 'string', 'max:14'],
        ];
    }

    /** @return list<array{id: string, line_id: int, station_id: int, student_id: int, scale_id: int, grams: string}> */
    public function entries(): array
    {
        $entries = [];
        foreach ((array) $this->input('entries') as $i => $entry) {
            $of = "entries.$i";
            $entries[] = [
                'id' => strtoupper($this->string("$of.id")->toString()), 'line_id' => $this->integer("$of.line_id"), 'station_id' => $this->integer("$of.station_id"),
                'student_id' => $this->integer("$of.student_id"), 'scale_id' => $this->integer("$of.scale_id"), 'grams' => $this->string("$of.grams")->toString(),
            ];
        }

        return $entries;
    }
}
