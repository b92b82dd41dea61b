<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Weighing\Geometry;
use Hovik\Core\Weighing\Weight;
use Hovik\Core\Weighing\WeightModel;
use Hovik\Core\Weighing\WorkingHabit;
use Hovik\Core\Words\Phrase;

/** Slips at a line on a wall: where the eye was, how the vessel stood, which column was read. */
final class JugSlips
{
    /** Eye off the line by t, judged a share k across, and how often: k 0.05 to 0.2, t 15 to 40 degrees (the craft's page). */
    private const EYES = [[0.05, 20.0, 0.15], [0.08, 25.0, 0.2], [0.1, 30.0, 0.3], [0.15, 30.0, 0.2], [0.2, 35.0, 0.15]];

    /** 'The far edge' by angle. */
    private const FAR = [[15.0, 0.3], [25.0, 0.4], [35.0, 0.3]];

    /** Degrees that a vessel leans when nobody minds. An estimate of ours. */
    private const LEANS = 6.0;

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $density = $at->density($at->handling);
        $read = array_filter($at->fills, Geometry::isRead(...));
        if ($density === null || $read === []) {
            return null;
        }
        $fills = $at->fills;
        assert($fills !== []);
        $scraped = $at->isScraped() ? true : null;
        $eye = static fn (float $deg, float $share): Weight => WeightModel::of(
            $fills, $density, WorkingHabit::of(eyeDeg: $deg, shareAcross: $share, scraped: $scraped),
        );
        $minds = $at->firstTool() !== ToolKind::TopReadLiquidMeasure; // those are read from above
        $weights = match ($cause) {
            Cause::EyeAbove => $minds ? array_map(static fn (array $e): array => [$e[2], $eye($e[1], $e[0])], self::EYES) : [],
            Cause::EyeBelow => $minds ? array_map(static fn (array $e): array => [$e[2], $eye(-$e[1], $e[0])], self::EYES) : [],
            Cause::FarEdge => $minds
                    ? array_map(static fn (array $e): array => [$e[1], $eye($e[0], WorkingHabit::FAR_EDGE)], self::FAR)
                    : [],
            Cause::TopOfCurve => [[1.0, WeightModel::of($fills, $density, WorkingHabit::of(topOfCurve: true, scraped: $scraped))]],
            Cause::InHand => [[1.0, WeightModel::of($fills, $density, WorkingHabit::of(held: true, scraped: $scraped))]],
            Cause::JugTilted => [[1.0, WeightModel::of($fills, $density, WorkingHabit::of(tiltDeg: self::LEANS, scraped: $scraped))]],
            Cause::WrongColumn => self::otherLines($at),
            default => [],
        };

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    /**
     * The same number in another column, and the nearest other lines.
     *
     * @return list<array{0: float, 1: Weight, 2?: Phrase|null}>
     */
    private static function otherLines(Situation $at): array
    {
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            $meant = $fill->toMark;
            if ($meant === null || ! Geometry::isRead($fill)) {
                continue;
            }
            $others = array_values(
                array_filter($fill->tool->marks, static fn (Mark $mark): bool => abs($mark->about / $meant->about - 1) > 0.02),
            );
            usort($others, static fn (Mark $a, Mark $b): int => abs($a->about - $meant->about) <=> abs($b->about - $meant->about));
            $with = static fn (Mark $mark): Weight => $at->soundWith(Fills::swapped($at->fills, $i, $fill->tool, $mark));
            foreach ([-1, 1] as $way) {
                $thatWay = array_filter($others, static fn (Mark $mark): bool => ($mark->about <=> $meant->about) === $way);
                foreach (array_slice(array_values($thatWay), 0, 2) as $mark) {
                    $weights[] = [1.0, $with($mark), self::line($mark)];
                }
            }
            foreach ($others as $mark) {
                if (self::sameNumber($mark->amount, $meant->amount)) {
                    $weights[] = [1.5, $with($mark), self::line($mark)];
                }
            }
        }

        return $weights;
    }

    private static function line(Mark $mark): Phrase
    {
        return Phrase::of('working.amount', ['amount' => $mark->amount ?? $mark->text]);
    }

    private static function sameNumber(?Amount $one, ?Amount $other): bool
    {
        return $one !== null && $other !== null && $one->unit !== $other->unit && $one->number->isEqualTo($other->number);
    }
}
