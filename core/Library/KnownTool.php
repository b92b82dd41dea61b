<?php

declare(strict_types=1);

namespace Hovik\Core\Library;

use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;

/**
 * A kind of tool to know by picture, size and use; drawn in the class's own sizes where it owns some. Words: `library.tool.KIND`,
 * `.use`, `.mind`, `.also`.
 */
final readonly class KnownTool
{
    /** Shown where the class owns none of a kind. */
    private const USUAL = [
        'dry-cup' => ['dry-cup-us-1-4', 'dry-cup-us-1-3', 'dry-cup-us-1-2', 'dry-cup-us-1'], 'measuring-spoon' => [
            'spoon-us-1-4-tsp', 'spoon-us-1-2-tsp', 'spoon-us-1-tsp', 'spoon-us-1-tbsp',
        ],
        'liquid-measure' => [
            'liquid-measure-us-1-cup', 'liquid-measure-us-2-cup',
        ], 'top-read-liquid-measure' => ['top-read-us-1-cup'], 'small-liquid-measure' => ['small-liquid-us-2-fl-oz'],
        'graduated-dry-measure' => ['graduated-dry-us-1-quart'], 'butter-wrapper' => ['butter-wrapper-us-stick'],
    ];

    private const KINDS = [
        ToolKind::DryCup, ToolKind::Spoon, ToolKind::LiquidMeasure, ToolKind::TopReadLiquidMeasure, ToolKind::SmallLiquidMeasure,
        ToolKind::GraduatedDryMeasure, ToolKind::ButterWrapper,
    ];

    /** @param  non-empty-list<Tool>  $sizes  smallest first */
    private function __construct(public ToolKind $kind, public array $sizes, public bool $owned)
    {
    }

    /**
     * @param  list<Tool>  $drawer
     * @return list<self>
     */
    public static function all(array $drawer, MeasureStandard $standard): array
    {
        return array_map(static function (ToolKind $kind) use ($drawer, $standard): self {
            $owned = array_values(array_filter($drawer, static fn (Tool $tool): bool => $tool->kind === $kind));
            $sizes = $owned === []
                    ? array_map(static fn (string $id): Tool => ToolCatalogue::tool($id, $standard), self::USUAL[$kind->value])
                    : $owned;
            usort($sizes, static fn (Tool $a, Tool $b): int => $a->aboutMl <=> $b->aboutMl);

            return new self($kind, $sizes, $owned !== []);
        }, self::KINDS);
    }
}
