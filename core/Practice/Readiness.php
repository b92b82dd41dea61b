<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Safety\SafetyPoint;

/** Which skills and safety points a lab asks for, before anybody touches flour. */
final class Readiness
{
    /**
     * @param  list<PlannedLine>  $lines
     * @param  bool  $isScaled  the recipe was made larger or smaller for the day
     * @param  list<SafetyPoint>  $points  that the lab asks for ({@see \Hovik\Core\Safety\LabSafety})
     * @return list<Aim> skills in the order of the craft's page, then the points
     */
    public static function needs(array $lines, bool $isScaled, array $points = []): array
    {
        $needs = $lines === [] ? [] : [Skill::WorkScale->value => true];
        if ($isScaled) {
            $needs[Skill::ScaleRecipe->value] = true;
        }
        foreach ($lines as $line) {
            foreach (self::ofLine($line) as $skill) {
                $needs[$skill->value] = true;
            }
        }

        $skills = array_values(array_filter(Skill::measuring(), static fn (Skill $skill): bool => isset($needs[$skill->value])));

        return [...array_map(Aim::skill(...), $skills), ...array_map(Aim::point(...), $points)];
    }

    /**
     * Whether somebody has shown all of them.
     *
     * @param  list<Aim>  $needed
     */
    public static function isReady(array $needed, Boxes $boxes): bool
    {
        return array_filter($needed, static fn (Aim $aim): bool => ! $boxes->hasShown($aim)) === [];
    }

    /** @return list<Skill> */
    private static function ofLine(PlannedLine $line): array
    {
        $best = $line->plans->best();
        if ($best === null || $best->fills === []) {
            return []; // counted, or weighed out: the scale is all there is
        }
        $isRead = $best->fills[0]->tool->kind->isMarked() && $best->fills[0]->toMark !== null;

        return [
            Skill::OrderSteps,
            ...($isRead ? [Skill::ReadJug, Skill::JugColumn] : [Skill::ChooseTools, Skill::PickCup]),
            ...($best->distinctTools() > 1 ? [Skill::CombineTools] : []),
        ];
    }
}
