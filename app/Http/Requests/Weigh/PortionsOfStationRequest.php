<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Http\Requests\ApiRequest;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\InvalidInput;
use Hovik\Core\Weighing\EqualPortions;
use Hovik\Core\Words\Phrase;

/** A batch to be shared out in pieces of one weight, and the pieces weighed so far. Nothing of it is stored. */
final class PortionsOfStationRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $this->readNumbers('total_g');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'total_g' => ['required', 'numeric'],
            'count' => ['required', 'integer'],
            'scale_id' => ['required', 'integer'],
            'pieces' => ['present', 'array', 'list', 'max:'.EqualPortions::MOST],
            'pieces.*' => ['numeric', 'gt:0', 'max:20000'],
        ];
    }

    /** @throws InvalidInput naming the field */
    public function portions(Student|Station $actor): EqualPortions
    {
        $scale = $actor->section->kitchen->workingScales()->find($this->integer('scale_id'))
            ?? throw InvalidInput::because('scale_id', Phrase::of('refusal.no-such-scale'));

        return EqualPortions::of(
            $this->float('total_g'), $this->integer('count'),
            array_values(array_map(floatval(...), array_filter($this->array('pieces'), is_numeric(...)))), $scale->toCore(),
        );
    }
}
