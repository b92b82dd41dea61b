<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Models\LabLine;
use App\Models\Photo;
use App\Models\Station;
use App\Models\Student;
use Illuminate\Support\Facades\Gate;

/** A picture of something measured, and whose work it is. */
final class PhotoRequest extends PictureRequest
{
    /** Of a lab of theirs, and no picture of another station's. */
    public function authorize(): bool
    {
        $actor = $this->user();
        $line = is_numeric($this->input('line_id')) ? LabLine::query()->with('lab')->find((int) $this->input('line_id')) : null;
        $photo = $this->route('photo');
        $known = is_string($photo) ? Photo::query()->find(strtoupper($photo)) : null;
        $station = $actor instanceof Student ? $actor->station_id : ($actor instanceof Station ? $actor->id : null);

        return ($line === null || Gate::allows('weigh', $line->lab)) && ($known === null || $known->station_id === $station);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['line_id' => ['required', 'integer'], 'student_id' => ['nullable', 'integer']];
    }
}
