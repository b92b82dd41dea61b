<?php

declare(strict_types=1);

namespace App\Http\Views\Simulator;

use App\Http\Views\Lab\DrawnFill;
use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Words\Phrase;

final readonly class SimulatorPlan extends View
{
    /**
     * @param  list<DrawnFill>  $fills
     */
    public function __construct(
        public int $index,
        public string $text,
        public array $fills,
    ) {
    }

    /** @return list<self> */
    public static function all(Simulator $simulator): array
    {
        $plans = array_values(
            array_filter($simulator->plans->plans, static fn (ToolPlan $plan): bool => $plan->fills !== [] && $plan->waterTo === null),
        );

        return array_map(static fn (ToolPlan $plan, int $index): self => new self(
            $index,
            Said::phrase(Phrase::of('list.plus', ['parts' => array_map(self::called(...), $plan->fills)])),
            array_map(DrawnFill::of(...), $plan->fills),
        ), $plans, array_keys($plans));
    }

    private static function called(Fill $fill): Phrase
    {
        return Phrase::of('bench.fill', [
            'count' => $fill->count,
            'tool' => $fill->tool->called(),
            'mark' => $fill->toMark->amount ?? $fill->toMark->text ?? '',
            'marked' => $fill->toMark === null ? 'no' : 'yes',
        ]);
    }
}
