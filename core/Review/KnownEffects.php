<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Components\Source;

/**
 * What is taken off a class's weighings before anybody's hand is read: what a bag does, and what a tool does. Where many students slip the
 * same way, a class's mean of a food is theirs as much as the bag's. So a bag's part, and what who-makes-the-miss leaves of a tool's, is
 * where the students who are near each other stand: the shift that makes them likeliest, when each is either steady about it or anywhere,
 * and bags and tools differ as they usually do.
 */
final readonly class KnownEffects
{
    /** Standard deviation of a tool's size, as a share: a household measure is commonly allowed 5 %, and some miss that. */
    private const TOOLS = 0.035;

    /** Standard deviation of steady students' middles about their bag, in tolerances. */
    private const NEAR = 0.35;

    /** Of students, those that are steady; the others lie anywhere within so many tolerances. */
    private const STEADY = 0.6;

    private const ANYWHERE = 4.5;

    /** Steps in which a shift is looked for, over and under, and how far, in standard deviations of bags. */
    private const STEPS = 30;

    private const FARTHEST = 3.0;

    /** With fewer students nobody can say what the bag does. */
    private const LEAST = 5;

    /**
     * @param  array<string, float>  $bags  what each bag adds, as a share
     * @param  array<string, float>  $tools  what each tool adds
     */
    private function __construct(private array $bags, private array $tools)
    {
    }

    /**
     * @param  list<array{bag: string, tool: string|null, student: int|string, weighing: TermWeighing, spread: float}>  $weighings  nothing
     *   taken off yet; no tool where its true size is known, or several made it; spread: relative standard deviation of such bags
     */
    public static function of(FoundMisses $found, array $weighings): self
    {
        $bags = $tools = $byBag = $byTool = $spread = [];
        foreach ($weighings as $one) {
            $byBag[$one['bag']][$one['student']][] = $one['weighing'];
            $spread[$one['bag']] = $one['spread'];
        }
        foreach ($byBag as $bag => $byStudent) {
            $bags[$bag] = count($byStudent) < self::LEAST ? 0.0 : self::shift(array_values($byStudent), $spread[$bag]);
        }
        foreach ($weighings as $one) {
            if ($one['tool'] !== null) {
                $tools[$one['tool']] ??= log($found->likelyOf(Source::Tool, $one['tool']));
                $byTool[$one['tool']]["{$one['student']} {$one['bag']}"][] = $one['weighing']->without(
                    $bags[$one['bag']] + $tools[$one['tool']],
                );
            }
        }
        foreach ($byTool as $tool => $byStudent) {
            $tools[$tool] += count($byStudent) < 2 ? 0.0 : self::shift(array_values($byStudent), self::TOOLS);
        }

        return new self($bags, $tools);
    }

    /**
     * @param  string|null  $tool  null where its true size is known already, or several made it
     * @return float as a factor of the weight; 1.0 where nothing is known
     */
    public function factor(string $bag, ?string $tool): float
    {
        return exp(($this->bags[$bag] ?? 0.0) + ($tool === null ? 0.0 : $this->tools[$tool] ?? 0.0));
    }

    /** @param  non-empty-list<list<TermWeighing>>  $byStudent */
    private static function shift(array $byStudent, float $spread): float
    {
        $middles = array_map(static function (array $of): array {
            usort($of, static fn (TermWeighing $a, TermWeighing $b): int => $a->share <=> $b->share);
            $one = $of[intdiv(count($of) - 1, 2)];
            $other = $of[intdiv(count($of), 2)];

            return [($one->share + $other->share) / 2, $one->tolerance];
        }, $byStudent);
        [$best, $likeliest] = [0.0, -INF];
        for ($step = -self::STEPS; $step <= self::STEPS; $step++) {
            $shift = self::FARTHEST * $spread * $step / self::STEPS;
            $likely = -((self::FARTHEST * $step / self::STEPS) ** 2) / 2;
            foreach ($middles as [$middle, $tolerance]) {
                $z = ($middle - $shift) / ($tolerance * self::NEAR);
                $likely += log(
                    self::STEADY * exp(-$z * $z / 2) / (self::NEAR * sqrt(2 * M_PI)) + (1 - self::STEADY) / (2 * self::ANYWHERE),
                );
            }
            if ($likely > $likeliest) {
                [$best, $likeliest] = [$shift, $likely];
            }
        }

        return $best;
    }
}
