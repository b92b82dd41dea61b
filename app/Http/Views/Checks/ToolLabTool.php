<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use App\Models\ToolCheck;
use App\Words\Said;
use Hovik\Core\Calibration\ToCheck;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;

/** A tool in a tool lab, and what was found. */
final readonly class ToolLabTool extends View
{
    /** @param  string  $said  its size, `1/2 cup` */
    public function __construct(
        public string $name, public ToolKind $kind, public string $said, public string $nominal, public float $ml,
        public ?ToolCheckResult $found,
    ) {
    }

    public static function of(ToCheck $one, ?ToolCheck $found): self
    {
        $tool = ToolCatalogue::tool($one->kind, MeasureStandard::UsCustomary);

        return new self(
            $one->name, $tool->kind, Said::size($tool), $tool->nominal,
            $tool->aboutMl, $found === null ? null : ToolCheckResult::of($found),
        );
    }
}
