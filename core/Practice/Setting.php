<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\MeasuringSystem;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Words\Phrase;

/** Whose practice it is: the class's drawer, cup and house methods, and how hard it may be. */
final readonly class Setting
{
    public const LEVELS = 3;

    private const US = [
        'dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1', 'spoon-us-1-8-tsp', 'spoon-us-1-4-tsp',
        'spoon-us-1-2-tsp', 'spoon-us-1-tsp', 'spoon-us-1-tbsp',
        'liquid-measure-us-1-cup', 'liquid-measure-us-2-cup', 'liquid-measure-us-4-cup', 'graduated-dry-us-1-pint',
        'graduated-dry-us-1-quart', 'graduated-dry-us-2-quart',
    ];

    private const METRIC = [
        'dry-cup-metric-60-ml', 'dry-cup-metric-80-ml', 'dry-cup-metric-125-ml', 'dry-cup-metric-250-ml', 'spoon-metric-1-25-ml',
        'spoon-metric-2-5-ml', 'spoon-metric-5-ml', 'liquid-measure-metric-500-ml', 'liquid-measure-metric-1-l',
    ];

    /**
     * @param  list<Tool>  $drawer
     * @param  list<Ingredient>  $foods
     */
    private function __construct(
        public Pantry $pantry, public MeasureStandard $standard, public array $drawer, public HouseRules $schools,
        public int $level, public Family|SafetyPoint|null $about, private array $foods, public JugView $jug = new JugView,
    ) {
    }

    /**
     * @param  int  $level  1 to 3
     * @param  list<Tool>|null  $drawer  none, or none of a kind that a question needs: the usual one
     * @param  Family|SafetyPoint|null  $about  foods of this family, or this point, where the question can be about them
     * @param  list<string>  $foods  ids of those in the class's own recipes; none yet: those that schools teach with
     *
     * @throws InvalidInput
     */
    public static function of(
        int $level = 1, MeasureStandard $standard = MeasureStandard::UsCustomary, ?array $drawer = null,
        ?HouseRules $schools = null, ?Pantry $pantry = null, Family|SafetyPoint|null $about = null, array $foods = [],
    ): self {
        if ($level < 1 || $level > self::LEVELS) {
            throw InvalidInput::because('level', Phrase::of('refusal.range', ['least' => 1, 'most' => self::LEVELS]));
        }

        $pantry ??= Pantry::reference();
        sort($foods); // the same question in whatever order they came
        $own = array_map($pantry->ingredient(...), array_values(array_unique($foods)));

        return new self($pantry, $standard, $drawer ?? [], $schools ?? HouseRules::usual(), $level, $about, $own);
    }

    /** The same, with jugs read as a teacher wants. */
    public function reading(JugView $jug): self
    {
        return new self($this->pantry, $this->standard, $this->drawer, $this->schools, $this->level, $this->about, $this->foods, $jug);
    }

    /** Whether the class meets such a number at all. */
    public function meetsFraction(BigRational $number): bool
    {
        return $this->schools->meets('thirds') || ! $number->simplified()->getDenominator()->mod(3)->isZero();
    }

    /** @return list<Mark> of a jug, that the class meets */
    public function marks(Tool $jug): array
    {
        return array_values(array_filter($jug->marks, fn (Mark $mark): bool => $mark->amount !== null
            && $this->meetsFraction($mark->amount->number)
            && ($this->schools->meets('metric') || ! in_array($mark->amount->unit, [Unit::Millilitre, Unit::Litre], true))));
    }

    /** @return list<SafetyPoint> that the class meets */
    public function points(): array
    {
        return array_filter(
            SafetyPoint::cases(), fn (SafetyPoint $point): bool => $point !== SafetyPoint::Oven || $this->schools->meets('oven'),
        );
    }

    /** @return list<Family> that the class meets, in the order of the craft's page */
    public function families(): array
    {
        $foods = $this->foods === [] ? $this->pantry->taught() : $this->foods;
        $met = array_map(static fn (Ingredient $food): Family => $food->family, $foods);

        return array_values(array_filter(Family::cases(), static fn (Family $family): bool => in_array($family, $met, true)));
    }

    /**
     * Foods to ask about: the class's own and, of the families it meets, those that schools teach with; of the family that is
     * asked about, where one is.
     *
     * @param  callable(Ingredient): bool  $fits
     * @return non-empty-list<Ingredient>
     */
    public function foods(callable $fits): array
    {
        $taught = array_values(array_filter($this->pantry->taught(), $fits));
        $families = $this->families();
        $met = [];
        foreach ([...array_filter($this->foods, $fits), ...$taught] as $food) {
            if (in_array($food->family, $families, true)) {
                $met[$food->id] ??= $food;
            }
        }
        $about = array_filter([...$met, ...$taught], fn (Ingredient $food): bool => $food->family === $this->about);
        foreach ([$about, $met, $taught] as $foods) {
            if ($foods !== []) {
                return array_values($foods);
            }
        }

        throw new \LogicException('Schools teach with no such food.');
    }

    /**
     * Tools of a kind: the class's own, or the usual ones where it has too few to ask about.
     *
     * @param  callable(Tool): bool  $fits
     * @return non-empty-list<Tool> smallest first, each size once
     */
    public function tools(callable $fits, int $atLeast = 1): array
    {
        foreach ([$this->drawer, $this->usual(), self::made(self::US, $this->standard)] as $drawer) {
            // A drawer may hold cups of two systems: a question is about one, the class's own.
            $own = array_values(array_filter($drawer, fn (Tool $tool): bool => $fits($tool)
                && ($tool->kind->isMarked() || MeasuringSystem::of($this->standard)->holds(new Fill($tool, 1)))
                && ($tool->size === null || $this->meetsFraction($tool->size->number))));
            usort($own, static fn (Tool $a, Tool $b): int => $a->aboutMl <=> $b->aboutMl);
            $each = [];
            foreach ($own as $tool) {
                $each[$tool->kind->value.' '.$tool->nominal] ??= $tool;
            }
            if ($each !== [] && count($each) >= $atLeast) {
                return array_values($each);
            }
        }

        throw new \LogicException('The usual drawer lacks such a tool.');
    }

    /** @return list<Tool> */
    private function usual(): array
    {
        return self::made(match ($this->standard) {
            MeasureStandard::Metric250 => [...self::METRIC, 'spoon-metric-15-ml'],
            MeasureStandard::Australian => [...self::METRIC, 'spoon-au-20-ml'],
            default => self::US,
        }, $this->standard);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Tool>
     */
    private static function made(array $ids, MeasureStandard $standard): array
    {
        return array_map(static fn (string $id): Tool => ToolCatalogue::tool($id, $standard), $ids);
    }
}
