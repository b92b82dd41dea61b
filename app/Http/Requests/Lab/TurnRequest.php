<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\ApiRequest;
use App\Models\Lab;
use App\Models\LabLine;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** Gives a line to a student of a station; nobody: the round decides again. */
final class TurnRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'line_id' => ['required', 'integer'],
            'station_id' => ['required', 'integer'],
            'student_id' => ['present', 'nullable', 'integer'],
        ];
    }

    /**
     * @return array{LabLine, Station, Student|null}
     *
     * @throws InvalidInput naming the field
     */
    public function turn(Lab $lab): array
    {
        $station = $lab->section->stations->find($this->integer('station_id'))
            ?? throw InvalidInput::because('station_id', Phrase::of('refusal.no-such-station'));
        $line = $lab->weighedLines($station)->find($this->integer('line_id'))
            ?? throw InvalidInput::because('line_id', Phrase::of('refusal.no-such-line'));
        $student = $this->input('student_id') === null ? null : $station->students->find($this->integer('student_id'))
            ?? throw InvalidInput::because('student_id', Phrase::of('refusal.not-at-station'));

        return [$line, $station, $student];
    }
}
