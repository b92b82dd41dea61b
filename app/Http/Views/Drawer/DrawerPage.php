<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Checks\ToolCheckState;
use App\Http\Views\Checks\ToolCheckResult;
use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\NamedTool;
use App\Models\Scale;
use App\Models\ToolCheck;
use Hovik\Core\Calibration\SetCheck;
use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Quantity\MeasureStandard;

/** What the kitchen owns, and what there is. */
final readonly class DrawerPage extends View
{
    /**
     * @param  list<DrawerTool>  $tools
     * @param  list<DrawerScale>  $scales
     * @param  list<ScaleKind>  $scale_kinds
     * @param  list<DrawerNamed>  $named  certain tools, checked with water
     * @param  list<ToolCheckResult>  $waiting  checks by students that wait for a yes
     * @param  list<SetAgrees>  $sets
     * @param  list<string>  $places  stations that have a set
     */
    public function __construct(
        public array $tools,
        public array $scales,
        public array $scale_kinds,
        public array $named,
        public array $waiting,
        public array $sets,
        public array $places,
    ) {
    }

    public static function of(Kitchen $kitchen): self
    {
        $today = $kitchen->school->today();
        $named = $kitchen->namedTools->load(['accepted.student', 'accepted.teacher']);
        $owned = $kitchen->tools->keyBy('catalogue_id');
        $scales = array_values(array_filter(ToolCatalogue::ids(), ToolCatalogue::isScale(...)));
        $tools = array_values(array_diff(ToolCatalogue::ids(), $scales));

        return new self(
            tools: array_map(static fn (string $id): DrawerTool => DrawerTool::of($id, $owned->get($id)), $tools),
            scales: array_values($kitchen->scales->load(['calibrations', 'checks'])->map(
                static fn (Scale $scale): DrawerScale => DrawerScale::of($scale, $today),
            )->all()),
            scale_kinds: array_map(ScaleKind::of(...), $scales),
            named: array_values($named->map(static fn (NamedTool $one): DrawerNamed => DrawerNamed::of($one, $today))->all()),
            waiting: array_values(ToolCheck::query()->with(['student', 'teacher', 'scale'])->where('kitchen_id', $kitchen->id)
                ->where('state', ToolCheckState::HandedIn)->get()->sortBy('created_at')->map(ToolCheckResult::of(...))->all()),
            sets: array_map(SetAgrees::of(...), SetCheck::of(
                array_values($named->map(static fn (NamedTool $one): OwnTool => $one->toCore())->all()),
                array_column(ToolCatalogue::all(MeasureStandard::UsCustomary), null, 'id'),
            )),
            places: $kitchen->places(),
        );
    }
}
