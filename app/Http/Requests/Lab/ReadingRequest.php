<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Exceptions\Refusal;
use App\Http\Requests\ApiRequest;
use App\Models\Lab;
use App\Models\Station;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\ScaleReport;
use Hovik\Core\Words\Phrase;

/** What a scale at the weighing table sent, and for whom. */
final class ReadingRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['station_id' => ['required', 'integer'], 'report' => ['required', 'string', 'max:16']];
    }

    public function station(Lab $lab): Station
    {
        if (! $lab->isOpen()) {
            throw new Refusal('refusal.lab-not-open');
        }

        return $lab->section->stations()->find($this->integer('station_id'))
            ?? throw InvalidInput::because('station_id', Phrase::of('refusal.no-such-station'));
    }

    /** As its display has it. */
    public function grams(): string
    {
        $read = ScaleReport::read($this->string('report')->toString())
            ?? throw InvalidInput::because('report', Phrase::of('refusal.no-standing-weight'));

        return (string) $read->grams;
    }
}
