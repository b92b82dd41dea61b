<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use Hovik\Core\Lab\EventKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Something that happened at a station, as a device or the teacher's desk sends it. */
#[OA\Schema(schema: 'LabEventSent', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['ready', 'not-ready', 'help', 'help-over', 'taken', 'returned', 'dropped', 'washed', 'timer', 'timer-over', 'checked', 'sent-back', 'released', 'closed-again', 'seen', 'note', 'counted', 'undone']),
    new OA\Property(property: 'line_id', type: 'integer', nullable: true), new OA\Property(property: 'station_id', type: 'integer', nullable: true, description: "Of a teacher's."), new OA\Property(property: 'student_id', type: 'integer', nullable: true),
    new OA\Property(property: 'detail', type: 'object', description: 'reason, text, tool, step and seen, label and minutes, timer, event; by kind.', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'integer')])),
])]
final class EventRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['id' => $this->route('event')]);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'kind' => ['required', 'string', 'max:16'],
            'line_id' => ['nullable', 'integer'],
            'station_id' => ['nullable', 'integer'],
            'student_id' => ['nullable', 'integer'],
            'detail' => ['nullable', 'array', 'max:6'],
        ];
    }

    public function ulid(): string
    {
        return strtoupper($this->string('id')->toString());
    }

    public function kind(): EventKind
    {
        return EventKind::named($this->string('kind')->toString());
    }

    /** @return array<array-key, mixed> */
    public function detail(): array
    {
        return (array) $this->input('detail');
    }

    public function line(Lab $lab): ?LabLine
    {
        if ($this->input('line_id') === null) {
            return null;
        }

        return $lab->lines()->find($this->integer('line_id')) ?? throw ValidationException::withMessages(['line_id' => [__('refusals.no_such_line')]]);
    }

    public function station(Lab $lab): Station
    {
        return $lab->section->stations()->find($this->integer('station_id')) ?? throw ValidationException::withMessages(['station_id' => [__('refusals.no_such_station')]]);
    }
}
