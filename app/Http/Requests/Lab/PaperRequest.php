<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\ApiRequest;
use App\Http\Requests\TypedNumber;
use App\Weighings\PaperEntry;

/** What was written on paper, typed in: to be judged, or to be stored. */
final class PaperRequest extends ApiRequest
{
    /** Twelve stations by fourteen lines, three times each. */
    private const MOST = 504;

    protected function prepareForValidation(): void
    {
        $entries = $this->input('entries');
        if (is_array($entries)) {
            $this->merge(['entries' => array_map(
                static fn (mixed $entry): mixed => is_array($entry)
                        ? ['grams' => TypedNumber::read($entry['grams'] ?? null)] + $entry
                        : $entry,
                $entries,
            )]);
        }
    }

    /** @return array<string, list<mixed>> */
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

    /** @return list<PaperEntry> */
    public function entries(): array
    {
        return array_map(fn (int $i): PaperEntry => new PaperEntry(
            id: strtoupper($this->string("entries.$i.id")->toString()),
            lineId: $this->integer("entries.$i.line_id"),
            stationId: $this->integer("entries.$i.station_id"),
            studentId: $this->integer("entries.$i.student_id"),
            scaleId: $this->integer("entries.$i.scale_id"),
            grams: $this->string("entries.$i.grams")->toString(),
        ), array_keys(array_values((array) $this->input('entries'))));
    }
}
