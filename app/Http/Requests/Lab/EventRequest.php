<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\ApiRequest;
use App\Labs\SentEvent;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\EventKind;
use Hovik\Core\Words\Phrase;
use Illuminate\Validation\Rule;

/** Something that happened at a station, as a device or the teacher's desk sends it. */
final class EventRequest extends ApiRequest
{
    public const FROM_ADDRESS = ['id'];

    protected function prepareForValidation(): void
    {
        $this->merge(['id' => $this->route('event')]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'kind' => ['required', 'string', Rule::enum(EventKind::class)],
            'line_id' => ['nullable', 'integer'],
            'station_id' => ['nullable', 'integer'],
            'student_id' => ['nullable', 'integer'],
            'detail' => ['nullable', 'array', 'max:6'],
        ];
    }

    public function idAsSent(): string
    {
        return $this->string('id')->toString();
    }

    public function ulid(): string
    {
        return strtoupper($this->idAsSent());
    }

    public function kind(): EventKind
    {
        return EventKind::from($this->string('kind')->toString());
    }

    public function event(Lab $lab, Station $station, Student|Teacher|null $by): SentEvent
    {
        return new SentEvent($this->ulid(), $lab, $station, $this->kind(), $this->line($lab), (array) $this->input('detail'), $by);
    }

    public function station(Lab $lab): Station
    {
        return $lab->stations()->find($this->integer('station_id'))
                ?? throw InvalidInput::because('station_id', Phrase::of('refusal.no-such-station'));
    }

    private function line(Lab $lab): ?LabLine
    {
        if ($this->input('line_id') === null) {
            return null;
        }

        return $lab->lines()->find($this->integer('line_id')) ?? throw InvalidInput::because('line_id', Phrase::of('refusal.no-such-line'));
    }
}
