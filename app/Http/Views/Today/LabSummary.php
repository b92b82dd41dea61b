<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Http\Views\View;
use App\Models\Lab;
use Hovik\Core\Lab\LabState;

final readonly class LabSummary extends View
{
    public function __construct(
        public int $id,
        public string $title,
        public LabState $state,
        public string $planned_for,
        public int $ingredients,
        public ?string $opened_at,
    ) {
    }

    public static function of(Lab $lab): self
    {
        return new self(
            id: $lab->id,
            title: $lab->title,
            state: $lab->state,
            planned_for: $lab->planned_for->toDateString(),
            ingredients: $lab->items->count(),
            opened_at: $lab->opened_at?->toJSON(),
        );
    }
}
