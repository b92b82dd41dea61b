<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\Equivalents;
use Hovik\Core\Quantity\MeasureStandard;

final readonly class EquivalentsChart extends View
{
    /**
     * @param  list<EquivalentRow>  $rows
     * @param  list<string>  $tools  the class's own cups and spoons, smallest first
     * @param  list<CupWeight>  $weights  what its cup holds
     */
    public function __construct(
        public string $section,
        public MeasureStandard $standard,
        public array $rows,
        public array $tools,
        public array $weights,
    ) {
    }

    public static function of(Section $section): self
    {
        return new self(
            $section->name, $section->standard, array_map(EquivalentRow::of(...), Equivalents::of($section->standard)),
            self::tools($section), CupWeight::all($section),
        );
    }

    /** @return list<string> */
    private static function tools(Section $section): array
    {
        $tools = array_values(array_filter(
            $section->kitchen->drawer($section->standard),
            static fn (Tool $tool): bool => in_array($tool->kind, [ToolKind::Spoon, ToolKind::DryCup], true),
        ));
        usort($tools, static fn (Tool $a, Tool $b): int => $a->aboutMl <=> $b->aboutMl);

        return array_values(array_unique(array_map(
            Said::size(...), $tools,
        )));
    }
}
