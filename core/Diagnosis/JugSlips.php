<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\Tool;
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

    /** How often the next line is taken for the right one, and the one after it. An estimate of ours. */
    private const NEXT = [0.75, 0.25];

    /** Degrees that a vessel leans when nobody minds. An estimate of ours. */
    private const LEANS = 6.0;

    public static function predict(Cause $cause, Situation $at): ?Prediction
    {
        $density = $at->density($at->handling);
        if ($density !== null && $cause === Cause::NextMark) {
            return Prediction::ofWeights(self::nextMarks($at), $at->reading->scale);
        }
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
            Cause::WrongColumn => self::otherColumns($at),
            default => [],
        };

        return Prediction::ofWeights($weights, $at->reading->scale);
    }

    /**
     * Another column: the same number there, or its nearest lines.
     *
     * @return list<array{0: float, 1: Weight, 2?: Phrase|null}>
     */
    private static function otherColumns(Situation $at): array
    {
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            $meant = Geometry::isRead($fill) ? $fill->toMark : null;
            if ($meant === null) {
                continue;
            }
            $others = array_filter(
                self::otherMarks($fill->tool, $meant), static fn (Mark $mark): bool => self::column($mark) !== self::column($meant),
            );
            foreach ($others as $mark) {
                if (self::sameNumber($mark->amount, $meant->amount)) {
                    $weights[] = self::swap($at, $i, $fill, $mark, 1.5);
                }
            }
            foreach (self::nearest(array_values($others), $meant) as [, $mark]) {
                $weights[] = self::swap($at, $i, $fill, $mark, 1.0);
            }
        }

        return $weights;
    }

    /**
     * The next line of the column, or the one after it; the next mark of a wrapper.
     *
     * @return list<array{0: float, 1: Weight, 2?: Phrase|null}>
     */
    private static function nextMarks(Situation $at): array
    {
        $weights = [];
        foreach ($at->fills as $i => $fill) {
            $meant = $fill->toMark;
            if ($meant === null || $fill->tool->kind === ToolKind::GraduatedDryMeasure) {
                continue;
            }
            $same = array_filter(
                self::otherMarks($fill->tool, $meant), static fn (Mark $mark): bool => self::column($mark) === self::column($meant),
            );
            foreach (self::nearest(array_values($same), $meant) as [$rank, $mark]) {
                $weights[] = self::swap($at, $i, $fill, $mark, self::NEXT[$rank]);
            }
        }

        return $weights;
    }

    /**
     * The two nearest on either side.
     *
     * @param  list<Mark>  $marks  the nearest first
     * @return list<array{0|1, Mark}> each with its rank
     */
    private static function nearest(array $marks, Mark $meant): array
    {
        $nearest = [];
        foreach ([-1, 1] as $way) {
            $thatWay = array_values(array_filter($marks, static fn (Mark $mark): bool => ($mark->about <=> $meant->about) === $way));
            foreach ([0, 1] as $rank) {
                if (isset($thatWay[$rank])) {
                    $nearest[] = [$rank, $thatWay[$rank]];
                }
            }
        }

        return $nearest;
    }

    /** @return array{float, Weight, Phrase} */
    private static function swap(Situation $at, int $i, Fill $fill, Mark $mark, float $often): array
    {
        return [$often, $at->soundWith(Fills::swapped($at->fills, $i, $fill->tool, $mark)), self::line($mark)];
    }

    /** Lines of one unit stand in one column; thirds of a cup in their own. */
    private static function column(Mark $mark): string
    {
        $isThird = $mark->amount?->number->simplified()->getDenominator()->mod(3)->isZero() === true;

        return ($mark->amount->unit->value ?? '').($isThird ? ' thirds' : '');
    }

    /** @return list<Mark> the nearest first */
    private static function otherMarks(Tool $tool, Mark $meant): array
    {
        $others = array_values(
            array_filter($tool->marks, static fn (Mark $mark): bool => abs($mark->about / $meant->about - 1) > 0.02),
        );
        usort($others, static fn (Mark $a, Mark $b): int => abs($a->about - $meant->about) <=> abs($b->about - $meant->about));

        return $others;
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
