<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Station;

final readonly class LabStation extends View
{
    /**
     * @param  string  $code  by which its tablet comes in
     * @param  list<string>  $students
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $code,
        public array $students,
    ) {
    }

    public static function of(Station $station): self
    {
        return new self($station->id, $station->name, $station->code, array_values($station->students->pluck('name')->all()));
    }
}
