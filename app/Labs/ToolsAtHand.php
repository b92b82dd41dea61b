<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\LabEvent;
use App\Models\LabLine;
use App\Models\Weighing;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\Happened;
use Hovik\Core\Lab\StationState;
use Hovik\Core\Plan\ToolPlan;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\Step;

/** A line was frozen with its tools; while some of them lie on the floor at a station, others do it by the same steps. */
final class ToolsAtHand
{
    /** @param  list<string>  $dropped  tools by id */
    public static function instead(LabLine $line, array $dropped): ?ToolPlan
    {
        $planner = $line->lab->section->linePlanner();
        try {
            return $planner->without($dropped, $planner->pantry->ingredient($line->ingredient_id), $line->saidAmount(), $line->method === null ? null : HouseMethod::from($line->method), array_map(Step::from(...), $line->steps));
        } catch (InvalidInput) {
            return null; // the class's pantry has changed since
        }
    }

    /** What a weighing was measured with, where that was not what the line was frozen with. */
    public static function insteadFor(Weighing $weighing): ?ToolPlan
    {
        $line = $weighing->line;
        $happened = $line->lab->events()->where('station_id', $weighing->station_id)->where('created_at', '<=', $weighing->created_at->format('Y-m-d H:i:s.v'))->get();
        $dropped = array_keys(StationState::after(array_values($happened->map(fn (LabEvent $event): Happened => $event->toCore())->all()))->dropped);

        return array_intersect($dropped, array_column($line->fills, 'tool')) === [] ? null : self::instead($line, $dropped);
    }
}
