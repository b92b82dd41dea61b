<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\NamedTool;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;

/** A tool that trials may be filled with: cups and spoons, certain ones first. */
final readonly class TrialTool extends View
{
    /** @param  int|null  $named  a certain tool, by id; null: any of its kind */
    public function __construct(public string $id, public ?int $named, public string $name, public float $ml, public bool $checked)
    {
    }

    /** @return list<self> */
    public static function all(Kitchen $kitchen): array
    {
        $isFilled = static fn (Tool $tool): bool => in_array($tool->kind, [ToolKind::DryCup, ToolKind::Spoon], true);
        $own = [];
        foreach ($kitchen->namedTools->where('is_retired', false) as $named) {
            $tool = ToolCatalogue::tool($named->catalogue_id, MeasureStandard::UsCustomary)->known($named->toCore());
            if ($isFilled($tool)) {
                $own[] = self::of($tool, $named);
            }
        }
        $any = array_map(
            static fn (Tool $tool): self => self::of($tool, null),
            array_values(array_filter($kitchen->drawer(MeasureStandard::UsCustomary), $isFilled)),
        );
        $large = static fn (self $a, self $b): int => $b->ml <=> $a->ml;
        usort($own, $large);
        usort($any, $large);

        return [...$own, ...$any];
    }

    private static function of(Tool $tool, ?NamedTool $named): self
    {
        return new self(
            $tool->id, $named?->id, $named->name ?? Said::phrase($tool->called()), $tool->trueMl ?? $tool->aboutMl, $tool->trueMl !== null,
        );
    }
}
