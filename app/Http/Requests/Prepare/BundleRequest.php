<?php

declare(strict_types=1);

namespace App\Http\Requests\Prepare;

/** A shared lab as text, for one of the teacher's classes. */
final class BundleRequest extends SheetRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['section' => ['required', 'integer'], 'text' => ['required', 'string', 'max:200000']];
    }
}
