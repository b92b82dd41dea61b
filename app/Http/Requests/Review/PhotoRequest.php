<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

/** A picture of something measured, and whose work it is. */
final class PhotoRequest extends PictureRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['line_id' => ['required', 'integer'], 'student_id' => ['nullable', 'integer']];
    }
}
