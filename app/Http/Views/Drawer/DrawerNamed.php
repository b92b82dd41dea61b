<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\NamedTool;
use App\Models\ToolCheck;
use App\Words\Said;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;

/** One certain tool: what it holds, and how that came about. */
final readonly class DrawerNamed extends View
{
    /**
     * @param  string  $said  its size, `1/2 cup`
     * @param  bool  $due  its last check is older than a year
     * @param  list<ToolSize>  $sizes  at its rim, or at each line that was checked; as they stand now
     * @param  list<ToolSize>  $history  every check, oldest first
     */
    public function __construct(
        public int $id,
        public string $kind_id,
        public ToolKind $kind,
        public string $said,
        public string $nominal,
        public float $ml,
        public string $name,
        public ?string $place,
        public bool $is_retired,
        public bool $due,
        public array $sizes,
        public array $history,
    ) {
    }

    public static function of(NamedTool $named, string $today): self
    {
        $tool = ToolCatalogue::tool($named->catalogue_id, MeasureStandard::UsCustomary);
        $history = array_values($named->accepted->map(ToolSize::of(...))->all());

        return new self(
            id: $named->id,
            kind_id: $tool->id,
            kind: $tool->kind,
            said: Said::size($tool),
            nominal: $tool->nominal,
            ml: $tool->aboutMl,
            name: $named->name,
            place: $named->place,
            is_retired: $named->is_retired,
            due: $named->isDue($today),
            sizes: array_values(array_map(
                ToolSize::of(...), $named->accepted->keyBy(static fn (ToolCheck $one): string => $one->mark)->all(),
            )),
            history: $history,
        );
    }
}
