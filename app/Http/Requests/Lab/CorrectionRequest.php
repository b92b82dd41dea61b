<?php

declare(strict_types=1);

namespace App\Http\Requests\Lab;

use App\Http\Requests\TypedNumber;
use App\Models\Weighing;
use Hovik\Core\Weighing\ScaleReading;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** The grams a wrong entry should have been. */
final class CorrectionRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('run', $this->route('lab'));
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['grams' => TypedNumber::read($this->input('grams'))]);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'ulid'], 'grams' => ['required', 'numeric', 'regex:/^\d{1,6}(\.\d{1,6})?$/']];
    }

    public function ulid(): string
    {
        return strtoupper($this->string('id')->toString());
    }

    public function reading(Weighing $weighing): ScaleReading
    {
        return ScaleReading::fromDisplay($this->float('grams'), $weighing->scale->toCore())->sharedBy($weighing->together);
    }
}
