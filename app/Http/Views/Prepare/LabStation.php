<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Station;

final readonly class LabStation extends View
{
    /**
     * @param  list<string>  $students
     */
    public function __construct(
        public int $id,
        public string $name,
        public array $students,
    ) {
    }

    public static function of(Station $station): self
    {
        return new self($station->id, $station->name, array_values($station->students->pluck('name')->all()));
    }
}
