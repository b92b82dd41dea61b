<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Technique\Step;

/** The step with which a student was Level, and without which not: what helped. */
final readonly class Helped
{
    /** With and without it, at least so often. */
    private const LEAST = 2;

    /** By so much more often Level. */
    private const MORE = 0.5;

    private function __construct(
        public Step $step, public int $levelWith, public int $with, public int $levelWithout, public int $without,
    ) {
    }

    /**
     * @param  list<array{done: list<Step>, missed: list<Step>, level: bool}>  $tries  steps seen, or checked off by the student
     * @return self|null null where no step tells
     */
    public static function of(array $tries): ?self
    {
        $counts = [];
        foreach ($tries as $try) {
            foreach (['done' => 0, 'missed' => 2] as $which => $at) {
                foreach ($try[$which] as $step) {
                    $counts[$step->value] ??= [0, 0, 0, 0];
                    $counts[$step->value][$at]++;
                    $counts[$step->value][$at + 1] += (int) $try['level'];
                }
            }
        }
        [$best, $most] = [null, 0.0];
        foreach ($counts as $step => [$with, $levelWith, $without, $levelWithout]) {
            if ($with < self::LEAST || $without < self::LEAST) {
                continue;
            }
            $more = $levelWith / $with - $levelWithout / $without;
            if ($more >= self::MORE && $more > $most) {
                [$best, $most] = [new self(Step::from($step), $levelWith, $with, $levelWithout, $without), $more];
            }
        }

        return $best;
    }
}
