<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\ApiRequest;
use App\Models\Weighing;
use App\Weighings\WeighIn;
use Hovik\Core\Weighing\ScaleReading;

/** The grams a wrong entry should have been. */
final class CorrectionRequest extends ApiRequest
{
    protected function prepareForValidation(): void
    {
        $this->readNumbers('grams');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'ulid'], 'grams' => ['required', 'numeric', 'regex:/^\d{1,6}(\.\d{1,6})?$/']];
    }

    /** The same weighing with the right number. */
    public function weighIn(Weighing $wrong): WeighIn
    {
        return new WeighIn(
            id: strtoupper($this->string('id')->toString()),
            line: $wrong->line,
            station: $wrong->station,
            student: $wrong->student,
            scale: $wrong->scale,
            reading: ScaleReading::fromDisplay($this->float('grams'), $wrong->scale->toCore())->sharedBy($wrong->together),
            ticked: array_values($wrong->ticked->all()),
            source: $wrong->source,
            predicted: $wrong->predicted,
            together: $wrong->together,
            leftOut: $wrong->left_out,
            way: $wrong->way,
            correctsId: $wrong->id,
            correctedBy: $this->teacher(),
        );
    }
}
