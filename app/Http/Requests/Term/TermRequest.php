<?php

declare(strict_types=1);

namespace App\Http\Requests\Term;

use App\Http\Requests\ApiRequest;
use Illuminate\Support\Carbon;

/** From which week on. */
final class TermRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['from' => ['nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01']];
    }

    /** Its Monday: of the week that was asked for, or of the one before this. */
    public function monday(string $today): Carbon
    {
        $from = $this->filled('from') ? Carbon::parse($this->string('from')->toString()) : Carbon::parse($today)->subWeek();

        return $from->startOfWeek(Carbon::MONDAY);
    }
}
