<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Brick\Math\BigDecimal;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\FrozenFood;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Plan\BowlSize;
use Hovik\Core\Plan\CarefulWork;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Plan\Need;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\KitchenMeasure;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Hovik\Core\Words\Phrase;

/**
 * One line of a lab, whole: what stations, board, print, period, diagnosis and review read, and never today's pantry or drawer. It is made
 * from a plan when the lab opens and stored as it is; a lab not yet open shows the line as it would be frozen now.
 */
final readonly class FrozenLine
{
    public const VERSION = 1;

    /** What stands for a line at some station has the line's position and a multiple of this more. */
    public const SWAPPED = 1000;

    /**
     * @param  int  $position  from 1, in the order of the recipe; what stands for a line at some stations: {@see SWAPPED}
     * @param  string|null  $text  as the recipe writes it
     * @param  KitchenMeasure  $measure  the amount as a cook measures it
     * @param  HouseMethod|null  $method  in force for it
     * @param  Handling  $handling  that gives the right weight
     * @param  non-empty-list<FrozenWay>  $ways  the usual one first
     * @param  BigDecimal  $weightG  what it weighs, g, to a ten-thousandth
     * @param  Target|null  $target  what weighings are judged by; null where the line is not weighed
     * @param  Tolerance  $tolerance  that the line has, or would have if it were weighed
     * @param  bool  $hasOwnTolerance  set by the teacher for this line
     * @param  list<string>  $then  handling that comes after the measuring, by the recipe's own words
     * @param  bool  $shared  stands on the common shelf
     * @param  list<Phrase>  $warnings  for the teacher
     * @param  list<Phrase>  $working  how the weight came about
     * @param  string|null  $source  of the weight; null when the line says a weight itself
     * @param  CarefulWork|null  $careful  how often careful work is Level; null where nothing is measured, or nobody worked it out yet
     * @param  list<int>|null  $stations  by id, that measure it; null: all of them
     */
    public function __construct(
        public int $position,
        public ?string $text,
        public FrozenFood $food,
        public Amount $amount,
        public MeasureStandard $standard,
        public KitchenMeasure $measure,
        public MeasuringMode $mode,
        public Strictness $strictness,
        public ?HouseMethod $method,
        public Handling $handling,
        public array $ways,
        public BigDecimal $weightG,
        public ?Target $target,
        public Tolerance $tolerance,
        public bool $hasOwnTolerance,
        public array $then,
        public bool $shared,
        public array $warnings,
        public array $working,
        public ?string $source,
        public ?CarefulWork $careful = null,
        public ?array $stations = null,
    ) {
    }

    /**
     * @param  list<string>  $then
     * @param  list<Phrase>  $warnings
     * @param  list<int>|null  $stations
     * @param  list<FrozenWay>  $ways  where stations measure it with tools of their own, the usual one first
     */
    public static function of(
        PlannedLine $plan, int $position, ?string $text, array $then, bool $shared, array $warnings, ?CarefulWork $careful = null,
        ?array $stations = null, array $ways = [],
    ): self {
        return new self(
            position: $position,
            text: $text,
            food: FrozenFood::of($plan->ingredient, $plan->pantry),
            amount: $plan->amount,
            standard: $plan->standard,
            measure: $plan->measure,
            mode: $plan->mode,
            strictness: $plan->strictness,
            method: $plan->method,
            handling: $plan->handling,
            ways: $ways === [] ? [FrozenWay::of($plan->plans)] : $ways,
            weightG: $plan->targetG,
            target: $plan->mode === MeasuringMode::Volume ? null : $plan->target(),
            tolerance: $plan->tolerance,
            hasOwnTolerance: $plan->hasOwnTolerance,
            then: $then,
            shared: $shared,
            warnings: $warnings,
            working: $plan->working,
            source: $plan->source,
            careful: $careful,
            stations: $stations,
        );
    }

    /** Where the nth, from 0, of what stands for a line stands. */
    public static function swapped(int $place, int $nth): int
    {
        return $place + ($nth + 1) * self::SWAPPED;
    }

    /** The place of its line in the recipe, from 1. */
    public function place(): int
    {
        return $this->position % self::SWAPPED;
    }

    /** Whether it stands for a line at some stations. */
    public function isSwapped(): bool
    {
        return $this->position > self::SWAPPED;
    }

    /** How it is measured at a station. */
    public function way(?int $station = null): FrozenWay
    {
        foreach ($this->ways as $way) {
            if ($way->stations === null || in_array($station, $way->stations, true)) {
                return $way;
            }
        }

        return $this->ways[0];
    }

    /** The same line as it is measured at a station. */
    public function at(?int $station): self
    {
        return count($this->ways) === 1 ? $this : $this->measuredBy($this->way($station));
    }

    /** The same line, measured in another way by everybody. */
    public function measuredBy(FrozenWay $way): self
    {
        return new self(
            $this->position, $this->text, $this->food, $this->amount, $this->standard, $this->measure, $this->mode,
            $this->strictness, $this->method, $this->handling, [$way], $this->weightG, $this->target, $this->tolerance,
            $this->hasOwnTolerance, $this->then, $this->shared, $this->warnings, $this->working, $this->source,
            $this->careful, $this->stations,
        );
    }

    /** What the amount and the tolerance come to, whether or not the line is weighed. */
    public function judgedBy(): Target
    {
        return $this->target ?? Target::of($this->weightG->toFloat(), $this->tolerance);
    }

    /** @return list<Fill> */
    public function fills(): array
    {
        return $this->way()->plan->fills ?? [];
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return $this->way()->technique->steps;
    }

    /** What good technique gives with these very tools, g; null where there are none. */
    public function expectedG(): ?float
    {
        return $this->way()->plan?->meanG;
    }

    public function isWeighedOut(): bool
    {
        return in_array(Step::Weigh, $this->steps(), true);
    }

    /** The best tools there are miss it by more than is tolerated: even perfect work would not be Level. */
    public function isOutOfReach(): bool
    {
        $plan = $this->way()->plan;

        return $plan !== null && $this->target !== null && ! $plan->exact && abs($plan->errorPct) > $this->tolerance->percent;
    }

    /** Food that stays in its cup is weighed by difference. */
    public function isByDifference(): bool
    {
        return in_array(Step::LeaveInCup, $this->steps(), true);
    }

    /** How many cups are weighed one by one with the food in them; 0 where it is tipped into a bowl. */
    public function cupsOnScale(): int
    {
        return $this->isByDifference() ? $this->way()->plan?->fillCount() ?? 0 : 0;
    }

    /** The bowl that a weighed-out food is weighed into; null where it is not weighed out, or has no volume of its own. */
    public function bowl(): ?Amount
    {
        return ! $this->isWeighedOut() || $this->food->ingredient->gramsPerUsCup === null ? null : BowlSize::of(
            $this->weightG->toFloat(), Density::of(Pantry::reference()->holding($this->food), $this->food->ingredient, $this->handling),
            $this->standard,
        );
    }

    /** Why the scale measures it. */
    public function whyWeighedOut(): ?Phrase
    {
        return ! $this->isWeighedOut() ? null : Phrase::of(match (true) {
            $this->amount->unit->dimension() === Dimension::Mass => 'weigh.why.recipe',
            in_array($this->food->ingredient->family, [Family::WholeIrregular, Family::Pieces], true) => 'weigh.why.gaps',
            default => 'weigh.why.surer',
        });
    }

    /** How many pieces, of what is counted whole. */
    public function pieces(): ?int
    {
        $isWhole = $this->amount->unit === Unit::Piece && $this->amount->number->simplified()->getDenominator()->isEqualTo(1);

        return $isWhole && $this->food->ingredient->family === Family::Counted ? $this->amount->number->toBigInteger()->toInt() : null;
    }

    /** One fill of one spoon: then several of them may be weighed as one. */
    public function isOneSpoon(): bool
    {
        $fills = $this->fills();

        return count($fills) === 1 && $fills[0]->count === 1 && $fills[0]->tool->kind === ToolKind::Spoon;
    }

    public function need(): Need
    {
        return new Need(
            $this->food->ingredient, $this->amount, $this->weightG->toBigRational(),
            $this->stations === null ? null : count($this->stations),
        );
    }

    /** @return array<string, mixed> to be stored */
    public function toArray(): array
    {
        $said = static fn (Phrase $phrase): array => $phrase->toArray();

        return [
            'version' => self::VERSION,
            'position' => $this->position,
            'text' => $this->text,
            'food' => $this->food->toArray(),
            'amount' => $this->amount->toArray(),
            'standard' => $this->standard->value,
            'measure' => $this->measure->toArray(),
            'mode' => $this->mode->value,
            'strictness' => $this->strictness->value,
            'method' => $this->method?->value,
            'handling' => $this->handling->value,
            'ways' => array_map(static fn (FrozenWay $way): array => $way->toArray(), $this->ways),
            'weight_g' => (string) $this->weightG,
            'target_g' => $this->target?->grams,
            'tolerance' => $this->tolerance->toArray(),
            'has_own_tolerance' => $this->hasOwnTolerance,
            'then' => $this->then,
            'shared' => $this->shared,
            'warnings' => array_map($said, $this->warnings),
            'working' => array_map($said, $this->working),
            'source' => $this->source,
            'careful' => $this->careful?->toArray(),
            'stations' => $this->stations,
        ];
    }

    /**
     * @throws \Hovik\Core\InvalidInput when it is no frozen line, or one of a newer Hovik
     */
    public static function fromArray(JsonInput $line): self
    {
        $line->atMost('version', self::VERSION);
        $ways = array_map(FrozenWay::fromArray(...), $line->objects('ways'));

        return new self(
            position: $line->whole('position'),
            text: $line->has('text') ? $line->text('text') : null,
            food: FrozenFood::fromArray($line->object('food')),
            amount: Amount::fromArray($line->object('amount')),
            standard: $line->enum('standard', MeasureStandard::class),
            measure: KitchenMeasure::fromArray($line->object('measure')),
            mode: $line->enum('mode', MeasuringMode::class),
            strictness: $line->enum('strictness', Strictness::class),
            method: $line->has('method') ? $line->enum('method', HouseMethod::class) : null,
            handling: $line->enum('handling', Handling::class),
            ways: $ways === [] ? $line->refuse('ways') : $ways,
            weightG: $line->decimal('weight_g'),
            target: $line->has('target_g') ? Target::of($line->number('target_g'), Tolerance::fromArray($line->object('tolerance'))) : null,
            tolerance: Tolerance::fromArray($line->object('tolerance')),
            hasOwnTolerance: $line->flag('has_own_tolerance', false),
            then: $line->texts('then'),
            shared: $line->flag('shared', false),
            warnings: $line->phrases('warnings'),
            working: $line->phrases('working'),
            source: $line->has('source') ? $line->text('source') : null,
            careful: $line->has('careful') ? CarefulWork::fromArray($line->object('careful')) : null,
            stations: $line->has('stations') ? $line->wholes('stations') : null,
        );
    }
}
