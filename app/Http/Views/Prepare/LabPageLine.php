<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\Lab\DrawnFill;
use App\Http\Views\View;
use App\Models\LabItem;
use App\Models\Station;
use App\Words\Said;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Recipe\ThenSteps;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Collection;

final readonly class LabPageLine extends View
{
    /**
     * @param  int  $position  tells it from other lines of the lab
     * @param  list<string>|null  $only_at  stations that have it instead of the line before; null where it is the recipe's own
     * @param  list<LineSwap>  $swaps  what stations have instead of it
     * @param  list<int>|null  $stations  that measure it; null: all of them
     * @param  string|null  $text  as written
     * @param  Family  $family  opens its page of the technique library
     * @param  list<DrawnFill>  $fills
     * @param  list<string>  $alternatives
     * @param  list<string>  $notes  why it is no plainer plan
     * @param  list<string>  $steps
     * @param  list<string>  $then_steps  what is done to it once it is measured, by the recipe's words
     * @param  list<LineWarning>  $warnings
     * @param  list<StationOwnWay>  $own  of stations that have tools of their own
     * @param  string|null  $careful  how often careful work is Level
     * @param  int|null  $careful_times  the same, of 100
     * @param  bool  $careful_enough  or nothing is known of it
     * @param  list<string>  $working
     */
    public function __construct(
        public int $item,
        public int $position,
        public ?array $only_at,
        public array $swaps,
        public ?array $stations,
        public ?string $text,
        public string $name,
        public Family $family,
        public bool $shared,
        public string $amount,
        public string $measure,
        public array $fills,
        public ?string $plan,
        public ?string $why,
        public array $alternatives,
        public array $notes,
        public array $steps,
        public array $then_steps,
        public array $own,
        public string $technique,
        public float $target_g,
        public int $decimals,
        public float $tolerance_g,
        public int $tolerance_decimals,
        public float $low_g,
        public float $high_g,
        public float $tolerance_pct,
        public bool $own_tolerance,
        public Strictness $strictness,
        public MeasuringMode $mode,
        public array $warnings,
        public ?string $careful,
        public ?int $careful_times,
        public bool $careful_enough,
        public array $working,
        public ?string $source,
    ) {
    }

    /** Steps a short reminder leaves out: those every technique shares, and what is done with the rest. */
    private const UNSAID = [Step::CleanDryEmpty, Step::OverPaper, Step::ReturnExcess, Step::DiscardExcess];

    /** @param  Collection<int, Station>  $stations */
    public static function of(FrozenLine $line, ?LabItem $item, Collection $stations): self
    {
        $at = static fn (array $ids): array => array_values($stations->whereIn('id', $ids)->pluck('name')->all());
        $swaps = $line->isSwapped() || $item === null ? [] : $item->swaps->load('station')->all();
        $food = $line->food->ingredient;
        $way = $line->way();
        $plan = $way->plan;
        $target = $line->judgedBy();
        [$low, $high] = $target->band();
        $say = static fn (Step $step): string => Said::step($step, $line->method, $food->family, $food->role)['text'];
        $short = array_filter($way->technique->steps, static fn (Step $step): bool => ! in_array($step, self::UNSAID, true));

        return new self(
            item: $item->id ?? 0,
            position: $line->position,
            only_at: $line->isSwapped() ? $at($line->stations ?? []) : null,
            swaps: array_values(array_map(LineSwap::of(...), $swaps)),
            stations: $line->stations,
            text: $line->text,
            name: Said::ingredient($food->id),
            family: $food->family,
            shared: $line->shared,
            amount: Said::amount($line->amount),
            measure: Said::measure($line->measure),
            fills: array_map(DrawnFill::of(...), $line->fills()),
            plan: $plan === null ? null : Said::plan($plan),
            why: $plan === null ? null : Said::phrase($plan->why),
            alternatives: array_map(Said::plan(...), $way->alternatives()),
            notes: array_map(Said::phrase(...), $way->notes),
            steps: array_map($say, $way->technique->steps),
            then_steps: array_map(Said::phrase(...), ThenSteps::of($line->then)),
            own: StationOwnWay::all($line),
            technique: implode(' ', array_map(
                static fn (string $said): string => "$said.",
                [...array_map($say, $short), ...array_map(Said::phrase(...), ThenSteps::of($line->then))],
            )),
            target_g: $target->grams,
            decimals: $target->decimals(),
            tolerance_g: $target->toleranceG(),
            tolerance_decimals: $target->toleranceDecimals(),
            low_g: $low,
            high_g: $high,
            tolerance_pct: $target->tolerance->percent,
            own_tolerance: $line->hasOwnTolerance,
            strictness: $line->strictness,
            mode: $line->mode,
            warnings: array_map(
                static fn (Phrase $warning): LineWarning => new LineWarning(
                    substr($warning->id, strlen('warning.')), Said::phrase($warning),
                ),
                $line->warnings,
            ),
            careful: $line->careful === null ? null : Said::phrase(Phrase::of('careful.times', ['times' => $line->careful->times])),
            careful_times: $line->careful?->times,
            careful_enough: $line->careful === null || $line->careful->isEnough(),
            working: array_map(Said::phrase(...), $line->working),
            source: $line->source === null ? null : Said::source($food),
        );
    }
}
