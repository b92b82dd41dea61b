<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use App\Models\Station;
use App\Models\ToolCheck;
use Hovik\Core\Calibration\SharedTools;
use Hovik\Core\Calibration\ToCheck;
use Illuminate\Support\Collection;

/** A station in a tool lab. */
final readonly class ToolLabStation extends View
{
    /** @param  list<ToolLabTool>  $tools */
    public function __construct(public int $id, public string $name, public array $tools)
    {
    }

    /** @param  Collection<string, ToolCheck>  $checks  by the name of their tool */
    public static function of(Station $station, SharedTools $shares, Collection $checks): self
    {
        return new self($station->id, $station->name, array_map(
            static fn (ToCheck $one): ToolLabTool => ToolLabTool::of($one, $checks->get($one->name)), $shares->at($station->id),
        ));
    }
}
