<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\Lab;
use Hovik\Core\Lab\LabState;

final readonly class BoardLab extends View
{
    /**
     * @param  bool  $first_of_two  it spans two periods, and the second has not begun
     * @param  bool  $tools  in it the tools are checked
     */
    public function __construct(
        public int $id,
        public string $title,
        public LabState $state,
        public ?string $opened_at,
        public ?string $closed_at,
        public bool $paused,
        public bool $first_of_two,
        public bool $tools,
    ) {
    }

    public static function of(Lab $lab): self
    {
        return new self(
            $lab->id, $lab->title, $lab->state, $lab->opened_at?->toJSON(), $lab->closed_at?->toJSON(), $lab->paused_at !== null,
            $lab->isInFirstOfTwo(), $lab->kind === 'tools',
        );
    }
}
