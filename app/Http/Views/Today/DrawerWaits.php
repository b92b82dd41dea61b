<?php

declare(strict_types=1);

namespace App\Http\Views\Today;

use App\Checks\ToolCheckState;
use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\NamedTool;
use App\Models\Scale;
use App\Models\ToolCheck;

/** What of a drawer needs a hand. */
final readonly class DrawerWaits extends View
{
    /**
     * @param  int  $checks  water checks by students that wait for a yes
     * @param  int  $tools  whose last check is older than a year
     * @param  int  $scales  whose check from empty to full is older than it may be
     */
    public function __construct(public int $checks, public int $tools, public int $scales)
    {
    }

    public static function of(Kitchen $kitchen): self
    {
        $today = $kitchen->school->today();

        return new self(
            ToolCheck::query()->where('kitchen_id', $kitchen->id)->where('state', ToolCheckState::HandedIn)->count(),
            $kitchen->namedTools->filter(static fn (NamedTool $one): bool => ! $one->is_retired && $one->isDue($today))->count(),
            $kitchen->workingScales()->filter(static fn (Scale $one): bool => $one->isDue($today))->count(),
        );
    }
}
