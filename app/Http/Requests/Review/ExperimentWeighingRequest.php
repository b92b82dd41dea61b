<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use App\Models\Experiment;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Words\Phrase;

/** One weighing of an experiment, from a device or from a sheet of paper. */
final class ExperimentWeighingRequest extends ApiRequest
{
    public const FROM_ADDRESS = ['id'];

    protected function prepareForValidation(): void
    {
        $this->readNumbers('grams');
        $this->merge(['id' => $this->route('weighing')]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'ulid'],
            'student_id' => ['required', 'integer'],
            'arm' => ['required', 'string', 'max:20'],
            'grams' => ['required', 'numeric', 'regex:/^\d{1,4}(\.\d{1,3})?$/'],
            'scale_id' => ['present', 'nullable', 'integer'],
        ];
    }

    /** @return array<string, mixed> by columns */
    public function columns(Experiment $experiment): array
    {
        $arm = $this->string('arm')->toString();
        $student = $this->student($experiment);
        if (! in_array($arm, array_map(static fn (Arm $one): string => $one->id, $experiment->arms), true)) {
            throw InvalidInput::because('arm', Phrase::of('refusal.answer-choice'));
        }
        $grams = $this->float('grams');
        $scale = $this->input('scale_id') === null ? null : $experiment->section->kitchen->scales->find($this->integer('scale_id'))
            ?? throw InvalidInput::because('scale_id', Phrase::of('refusal.no-such-scale'));
        $reading = $scale === null ? $grams : ScaleReading::fromDisplay($grams, $scale->toCore())->trueGrams();
        if ($reading <= 0) {
            throw InvalidInput::because('grams', Phrase::of('refusal.above-zero'));
        }

        return [
            'student_id' => $student->id, 'arm' => $arm, 'grams' => $reading, 'scale_id' => $scale?->id,
        ];
    }

    private function student(Experiment $experiment): Student
    {
        $actor = $this->user();
        $id = $this->integer('student_id');
        $student = match (true) {
            $actor instanceof Teacher => $experiment->section->students()->find($id),
            $actor instanceof Station => $actor->students()->find($id),
            $actor instanceof Student && $actor->id === $id => $actor,
            default => null,
        };

        return $student ?? throw InvalidInput::because('student_id', Phrase::of('refusal.not-at-station'));
    }
}
