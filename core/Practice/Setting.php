<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\MeasureStandard;
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
        'spoon-metric-2-5-ml', 'spoon-metric-5-ml', 'spoon-metric-15-ml',
        'liquid-measure-metric-500-ml', 'liquid-measure-metric-1-l',
    ];

    /** @param  list<Tool>  $drawer */
    private function __construct(
        public Pantry $pantry, public MeasureStandard $standard, public array $drawer, public HouseRules $schools,
        public int $level, public Family|SafetyPoint|null $about,
    ) {
    }

    /**
     * @param  int  $level  1 to 3
     * @param  list<Tool>|null  $drawer  none, or none of a kind that a question needs: the usual one
     * @param  Family|SafetyPoint|null  $about  foods of this family, or this point, where the question can be about them
     *
     * @throws InvalidInput
     */
    public static function of(
        int $level = 1, MeasureStandard $standard = MeasureStandard::UsCustomary, ?array $drawer = null,
        ?HouseRules $schools = null, ?Pantry $pantry = null, Family|SafetyPoint|null $about = null,
    ): self {
        if ($level < 1 || $level > self::LEVELS) {
            throw InvalidInput::because('level', Phrase::of('refusal.range', ['least' => 1, 'most' => self::LEVELS]));
        }

        return new self($pantry ?? Pantry::reference(), $standard, $drawer ?? [], $schools ?? HouseRules::usual(), $level, $about);
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
            $own = array_values(array_filter($drawer, $fits));
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
        return self::made(
            in_array($this->standard, [MeasureStandard::Metric250, MeasureStandard::Australian], true) ? self::METRIC : self::US,
            $this->standard,
        );
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
