<?php

declare(strict_types=1);

namespace App\Http\Requests\Weigh;

use App\Exceptions\Refusal;
use App\Http\Requests\TypedNumber;
use App\Models\LabLine;
use App\Models\Scale;
use App\Models\Station;
use App\Models\Student;
use Hovik\Core\Weighing\ScaleFitness;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A weigh-in as a device sends it. Whose it is and where it belongs is settled here, before anything is stored. */
final class WeighInRequest extends FormRequest
{
    private const DIGITS = 'regex:/^-?\d{1,12}(\.\d{1,6})?$/';

    private LabLine $line;

    private Student $student;

    private Station $station;

    private Scale $scale;

    protected function prepareForValidation(): void
    {
        $this->merge(array_map(TypedNumber::read(...), $this->only(['grams', 'full_g', 'empty_g'])));
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
            'grams' => ['required_without:full_g', 'nullable', 'numeric', self::DIGITS],
            'full_g' => ['required_with:empty_g', 'nullable', 'numeric', self::DIGITS],
            'empty_g' => ['required_with:full_g', 'nullable', 'numeric', self::DIGITS],
            'together' => ['nullable', 'integer', 'between:1,'.ScaleFitness::MOST_TOGETHER],
            'predicted' => ['nullable', 'string', 'in:level,heaped,shy'],
            'source' => ['nullable', 'string', 'in:typed,scale,practice,paper'],
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

    /** What the scale showed, for one measure. */
    public function reading(): ScaleReading
    {
        $scale = $this->scale->toCore();
        $reading = $this->input('full_g') !== null
            ? ScaleReading::byDifference($this->float('full_g'), $this->float('empty_g'), $scale)
            : ScaleReading::fromDisplay($this->float('grams'), $scale);

        return $reading->sharedBy($this->together());
    }

    /** @return array<string, mixed> what else is known of it */
    public function more(): array
    {
        return [
            'source' => $this->input('source') ?? 'typed', 'predicted' => $this->input('predicted'), 'together' => $this->together(),
            'full_g' => $this->input('full_g'), 'empty_g' => $this->input('empty_g'),
        ];
    }

    private function together(): int
    {
        return $this->input('together') === null ? 1 : $this->integer('together');
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
