<?php

declare(strict_types=1);

namespace App\Http\Views\Term;

use App\Http\Views\View;
use App\Models\Lab;
use Hovik\Core\Lab\LabState;

final readonly class TermLab extends View
{
    /** @param  bool  $meets  its class meets on that day */
    public function __construct(
        public int $id,
        public string $title,
        public LabState $state,
        public string $section,
        public string $starts_at,
        public bool $meets,
    ) {
    }

    public static function of(Lab $lab): self
    {
        return new self(
            $lab->id, $lab->title, $lab->state, $lab->section->name, $lab->hours()->from, $lab->meets(),
        );
    }
}
