<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Technique\Step;

final readonly class BoardLine extends View
{
    /**
     * @param  Family  $family  opens its page of the technique library
     * @param  list<StepName>  $steps
     * @param  string  $amount  as the recipe says it
     * @param  float|null  $target_g  null for an aide
     * @param  int  $decimals  in which the target is shown
     * @param  list<string>  $working
     * @param  list<int>|null  $stations  that measure it; null: all of them
     * @param  int  $place  of its line in the recipe, from 1
     */
    public function __construct(
        public int $id,
        public string $name,
        public Family $family,
        public array $steps,
        public bool $shared,
        public string $amount,
        public ?float $target_g,
        public ?float $tolerance_g,
        public int $decimals,
        public int $tolerance_decimals,
        public array $working,
        public ?array $stations,
        public int $place,
    ) {
    }

    /** As an aide sees it: what is measured, and not what it should weigh. */
    public function withoutTarget(): self
    {
        return new self(
            $this->id, $this->name, $this->family, $this->steps, $this->shared, $this->amount, null, null, $this->decimals,
            $this->tolerance_decimals, [], $this->stations, $this->place,
        );
    }

    public static function of(LabLine $line): self
    {
        $frozen = $line->frozen;
        $target = $line->target();
        $why = $frozen->way()->plan?->why;

        return new self(
            id: $line->id,
            name: Said::ingredient($line->ingredient_id),
            family: $line->family,
            steps: array_map(
                static fn (Step $step): StepName => new StepName(
                    $step, Said::step($step, $frozen->method, $line->family, $frozen->food->ingredient->role)['text'],
                ),
                $frozen->steps(),
            ),
            shared: $frozen->shared,
            amount: Said::measure($frozen->measure),
            target_g: $target->grams,
            tolerance_g: $target->toleranceG(),
            decimals: $target->decimals(),
            tolerance_decimals: $target->toleranceDecimals(),
            working: array_map(Said::phrase(...), $why === null ? $frozen->working : [...$frozen->working, $why]),
            stations: $line->stations,
            place: $frozen->place(),
        );
    }
}
