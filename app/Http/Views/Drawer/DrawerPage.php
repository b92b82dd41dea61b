<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\Kitchen;
use Hovik\Core\Drawer\ToolCatalogue;

/** What the kitchen owns, and what there is. */
final readonly class DrawerPage extends View
{
    /**
     * @param  list<DrawerTool>  $tools
     * @param  list<DrawerScale>  $scales
     * @param  list<ScaleKind>  $scale_kinds
     */
    public function __construct(
        public array $tools,
        public array $scales,
        public array $scale_kinds,
    ) {
    }

    public static function of(Kitchen $kitchen): self
    {
        $owned = $kitchen->tools->keyBy('catalogue_id');
        $scales = array_values(array_filter(ToolCatalogue::ids(), ToolCatalogue::isScale(...)));
        $tools = array_values(array_diff(ToolCatalogue::ids(), $scales));

        return new self(
            tools: array_map(static fn (string $id): DrawerTool => DrawerTool::of($id, $owned->get($id)), $tools),
            scales: array_values($kitchen->scales->map(DrawerScale::of(...))->all()),
            scale_kinds: array_map(ScaleKind::of(...), $scales),
        );
    }
}
