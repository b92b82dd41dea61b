<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use App\Models\Section;
use Hovik\Core\Words\DecimalSign;
use Illuminate\Validation\Rule;

/** With which decimal sign a table is written; not said: as the school writes numbers, else as this device does. */
final class FileRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['decimal' => ['nullable', Rule::enum(DecimalSign::class)]];
    }

    public function sign(Section $section): DecimalSign
    {
        return DecimalSign::tryFrom($this->string('decimal')->toString())
            ?? $section->kitchen->school->decimal() ?? DecimalSign::of(app()->getLocale());
    }
}
