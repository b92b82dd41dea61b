<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Pantry\Family;
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
        $needs = $lines === [] ? [] : [Aim::skill(Skill::WorkScale)];
        if ($isScaled) {
            $needs[] = Aim::skill(Skill::ScaleRecipe);
        }
        foreach ($lines as $line) {
            array_push($needs, ...self::ofLine($line));
        }
        $needs = array_values(array_column(array_map(static fn (Aim $aim): array => [$aim->id(), $aim], $needs), 1, 0)); // each once
        $place = static fn (Aim $aim): array => [
            array_search($aim->skill, Skill::cases(), true), array_search($aim->family, Family::cases(), true),
        ];
        usort($needs, static fn (Aim $a, Aim $b): int => $place($a) <=> $place($b));

        return [...$needs, ...array_map(Aim::point(...), $points)];
    }

    /**
     * What is left to show for somebody who may go other ways.
     *
     * @param  list<Aim>  $aims
     * @param  list<OtherWay>  $ways
     * @return list<Aim>
     */
    public static function sparing(array $aims, array $ways): array
    {
        $spared = array_merge(...array_map(static fn (OtherWay $way): array => $way->spares(), $ways));

        return array_values(array_filter($aims, static fn (Aim $aim): bool => ! in_array($aim->skill, $spared, true)));
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

    /** @return list<Aim> */
    private static function ofLine(PlannedLine $line): array
    {
        $best = $line->plans->best();
        if ($best === null || $best->fills === []) {
            return []; // counted, or weighed out: the scale is all there is
        }
        $isRead = $best->fills[0]->tool->kind->isMarked() && $best->fills[0]->toMark !== null;

        $family = $line->ingredient->family;

        return [
            ...(in_array($family, Skill::OrderSteps->families(), true) ? [Aim::with(Skill::OrderSteps, $family)] : []),
            ...($isRead
                ? [Aim::skill(Skill::ReadJug), Aim::skill(Skill::JugColumn)]
                : [Aim::with(Skill::ChooseTools, $family), Aim::skill(Skill::PickCup)]),
            ...($best->distinctTools() > 1 ? [Aim::skill(Skill::CombineTools)] : []),
        ];
    }
}
