<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Exceptions\Refusal;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A weigh-in as a device sends it. Whose it is and where it belongs is settled here, before anything is stored. */
final class WeighInRequest extends FormRequest
{
    private LabLine $line;

    private Student $student;

    private Station $station;

    private Scale $scale;

    protected function prepareForValidation(): void
    {
        // Half the world types a decimal comma.
        if (is_string($this->input('grams'))) {
            $this->merge(['grams' => str_replace(',', '.', trim($this->input('grams')))]);
        }
        $this->merge(['id' => $this->route('weighing')]);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'line_id' => ['required', 'integer'],
            'student_id' => ['required', 'integer'],
            'scale_id' => ['required', 'integer'],
            'grams' => ['required', 'numeric', 'regex:/^-?\d{1,12}(\.\d{1,6})?$/'],
            'ticked' => ['present', 'array', 'list', 'max:40'],
            'ticked.*' => ['string', 'max:40'],
        ];
    }

    protected function passedValidation(): void
    {
        $this->line = LabLine::query()->with('lab')->find($this->integer('line_id')) ?? $this->refuse('line_id', 'no_such_line');
        $actor = $this->user();
        Gate::authorize('weigh', $this->line->lab);
        if (! $this->line->lab->isOpen()) {
            throw new Refusal('lab_not_open');
        }
        if ($actor instanceof Station) {
            $this->station = $actor;
            $this->student = $actor->students()->find($this->integer('student_id')) ?? $this->refuse('student_id', 'not_at_station');
        } elseif ($actor instanceof Student) {
            $this->student = $actor->id === $this->integer('student_id') ? $actor : $this->refuse('student_id', 'not_at_station');
            $this->station = $actor->station ?? throw new Refusal('not_seated');
        }
        $this->scale = Scale::ofSection($this->line->lab->section_id)->find($this->integer('scale_id')) ?? $this->refuse('scale_id', 'no_such_scale');
        if (array_diff($this->ticked(), $this->line->steps) !== []) {
            $this->refuse('ticked', 'unknown_step');
        }
    }

    public function ulid(): string
    {
        return strtoupper($this->string('id')->toString());
    }

    public function line(): LabLine
    {
        return $this->line;
    }

    public function student(): Student
    {
        return $this->student;
    }

    public function station(): Station
    {
        return $this->station;
    }

    public function scale(): Scale
    {
        return $this->scale;
    }

    public function grams(): float
    {
        return $this->float('grams');
    }

    /** @return list<string> */
    public function ticked(): array
    {
        return array_values(array_filter((array) $this->input('ticked'), is_string(...)));
    }

    private function refuse(string $field, string $key): never
    {
        throw ValidationException::withMessages([$field => [__("refusals.$key")]]);
    }
}
