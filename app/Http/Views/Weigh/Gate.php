<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\Prepare\StepOfDirections;
use App\Http\Views\View;
use App\Labs\LabWords;
use App\Models\Lab;
use Hovik\Core\Lab\StationState;

/** Between measuring and mixing. */
final readonly class Gate extends View
{
    /**
     * @param  list<StepOfDirections>|null  $directions  null until released
     */
    public function __construct(
        public bool $ready,
        public bool $can_be_ready,
        public bool $released,
        public ?array $directions,
    ) {
    }

    /** @param  list<int>  $lines  ids */
    public static function of(Lab $lab, StationState $state, array $lines): self
    {
        return new self(
            ready: $state->readySince !== null,
            can_be_ready: ! $lab->isInFirstOfTwo() && $state->hasAll($lines),
            released: $state->isReleased,
            directions: $state->isReleased ? LabWords::directions($lab) : null,
        );
    }
}
