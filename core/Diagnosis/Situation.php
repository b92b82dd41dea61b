<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Density;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\ScaleReading;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Weighing\WorkingHabit;
use Hovik\Core\Words\Phrase;

/** All that is known about one weighing when somebody asks what it may come from. */
final class Situation
{
    /** Where a line is weighed out, people stop this close to the target, relative. An estimate of ours. */
    private const POURED_TO_TARGET = 0.015;

    public readonly ?HouseMethod $method;

    /** The handling that is right here. */
    public readonly Handling $handling;

    /** @var array<string, Density|null> */
    private array $densities = [];

    private ?Weight $sound = null;

    /** @var list<Step> of the technique that is right here */
    public readonly array $steps;

    /**
     * @param  list<Fill>  $fills  as planned; none when the food is counted or weighed out
     * @param  float  $targetG  what the recipe asks for, g
     * @param  list<Step>  $ticked  steps said or seen done
     * @param  list<Step>  $skipped  steps of the technique not done
     * @param  float|null  $containerG  what stood on the scale; null when unknown
     * @param  list<Tool>  $drawer  what else was at hand; none: the usual set
     * @param  float  $factor  by which the recipe was scaled for this line
     * @param  list<float>  $others  what neighbouring lines would weigh if their amount were measured of this food, g
     * @param  int|null  $fillsLeftOut  of the fills or pieces counted one by one; null where nobody counted
     * @param  array<string, int>  $history  how often each cause was likeliest for this person before
     *
     * @throws InvalidInput naming the field
     */
    public function __construct(
        public readonly Pantry $pantry,
        public readonly Ingredient $ingredient,
        public readonly Amount $amount,
        public readonly MeasureStandard $standard,
        public readonly array $fills,
        ?HouseMethod $method,
        public readonly float $targetG,
        public readonly ScaleReading $reading,
        public readonly array $ticked = [],
        public readonly array $skipped = [],
        public readonly ?float $containerG = null,
        public readonly array $drawer = [],
        public readonly float $factor = 1.0,
        public readonly array $others = [],
        public readonly array $history = [],
        ?Handling $handling = null,
        public readonly ?int $fillsLeftOut = null,
    ) {
        $this->method = TechniqueCatalogue::methodFor($ingredient, $method);
        $this->steps = TechniqueCatalogue::for($ingredient, $this->method, $this->firstTool(), $pantry)->steps;
        $this->handling = $handling ?? self::handlingOf($ingredient, $this->method);
        if (! is_finite($targetG) || $targetG <= 0 || $targetG > 100_000) {
            throw InvalidInput::because('target_g', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 100_000]));
        }
        if ($containerG !== null && (! is_finite($containerG) || $containerG < 0 || $containerG > 20_000)) {
            throw InvalidInput::because('container_g', Phrase::of('refusal.range', ['least' => 0, 'most' => 20_000]));
        }
        if (! is_finite($factor) || $factor <= 0 || $factor > 1000) {
            throw InvalidInput::because('factor', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 1000]));
        }
        foreach ($history as $id => $times) {
            Cause::named($id, 'history');
            if ($times < 0 || $times > 100_000) {
                throw InvalidInput::because("history.$id", Phrase::of('refusal.zero-or-more'));
            }
        }
    }

    /** The handling that gives the right weight by this method, or by the family's usual one. */
    public static function handlingOf(Ingredient $ingredient, ?HouseMethod $method): Handling
    {
        return TechniqueCatalogue::handlingFor($ingredient, TechniqueCatalogue::methodFor($ingredient, $method));
    }

    public function isCounted(): bool
    {
        return $this->ingredient->family === Family::Counted;
    }

    /** Measured with tools, rather than counted or weighed out. */
    public function isMeasured(): bool
    {
        return $this->fills !== [];
    }

    public function firstTool(): ?ToolKind
    {
        return $this->fills[0]->tool->kind ?? null;
    }

    public function fillCount(): int
    {
        return array_sum(array_map(static fn (Fill $fill): int => $fill->count, $this->fills));
    }

    /** Density of this food handled so; null where it never is. */
    public function density(Handling $handling): ?Density
    {
        if (! array_key_exists($handling->value, $this->densities)) {
            $this->densities[$handling->value] = $this->pantry->handlingFactor($this->ingredient, $handling) === null || $this->isCounted()
                ? null : Density::of($this->pantry, $this->ingredient, $handling);
        }

        return $this->densities[$handling->value];
    }

    /** What good technique gives here. */
    public function sound(): Weight
    {
        return $this->sound ??= $this->soundWith($this->fills);
    }

    /**
     * The same with other tools in the same hands.
     *
     * @param  list<Fill>  $fills
     */
    public function soundWith(array $fills): Weight
    {
        if ($this->isCounted() && $this->ingredient->gramsPerPiece !== null) {
            $each = $this->ingredient->gramsPerPiece->toFloat();

            return WeightModel::pieces($this->targetG / $each, $each, $this->ingredient->cvBatch, $this->ingredient->cvFill);
        }
        $density = $this->density($this->handling);

        return $fills === [] || $density === null
            ? new Weight($this->targetG, $this->targetG * self::POURED_TO_TARGET)
            : WeightModel::of($fills, $density, WorkingHabit::of(scraped: $this->isScraped() ? true : null));
    }

    /** Whether good technique empties the tool by scraping. */
    public function isScraped(): bool
    {
        return in_array(Step::ScrapeOut, $this->steps, true) && ! in_array(Step::LeaveInCup, $this->steps, true);
    }
}
