<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\View;
use Hovik\Core\Simulator\HandlingChoices;
use Hovik\Core\Simulator\Simulator;

final readonly class HandlingOffered extends View
{
    /**
     * @param  list<string>  $preparation
     * @param  list<string>  $filling
     * @param  list<string>  $settling
     * @param  list<string>  $levelling
     */
    public function __construct(
        public array $preparation,
        public array $filling,
        public array $settling,
        public array $levelling,
    ) {
    }

    public static function of(Simulator $simulator): self
    {
        return new self(...HandlingChoices::offered($simulator->ingredient, $simulator->pantry));
    }
}
