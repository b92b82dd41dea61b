<?php

declare(strict_types=1);

/** Who makes the miss: how long it takes for one food of a lab, and for a term. Run by bin/hovik bench misses. */

use Hovik\Core\Components\FoundMisses;
use Hovik\Core\Components\Weighed;
use Hovik\Core\Weighing\Chance;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/**
 * @param  array<string, int>  $of  how many foods, tools, scales and students
 * @return list<Weighed>
 */
function madeUpTerm(int $weighings, array $of, int $seed): array
{
    $chance = new Chance($seed);
    $pick = static fn (string $what): string => "$what ".(int) ($chance->even() * $of[$what]);
    $true = $made = [];
    foreach (['tool' => 0.03, 'scale' => 0.005, 'student' => 0.02] as $what => $sd) {
        for ($i = 0; $i < $of[$what]; $i++) {
            $true["$what $i"] = $sd * $chance->normal();
        }
    }
    for ($i = 0; $i < $weighings; $i++) {
        [$food, $tool, $scale, $student] = [$pick('food'), $pick('tool'), $pick('scale'), $pick('student')];
        $share = $true[$tool] + $true[$scale] + $true[$student] + 0.02 * $chance->normal();
        $made[] = new Weighed($food, "family of $food", $food, $tool, $scale, $student, 100 * exp($share), 100.0);
    }

    return $made;
}

foreach ([
    'one food of a lab' => [96, ['food' => 1, 'tool' => 6, 'scale' => 3, 'student' => 24], 9],
    'a term' => [2000, ['food' => 12, 'tool' => 60, 'scale' => 6, 'student' => 26], 1],
] as $what => [$weighings, $of, $times]) {
    $ms = [];
    for ($seed = 1; $seed <= $times; $seed++) {
        $made = madeUpTerm($weighings, $of, $seed);
        $from = hrtime(true);
        $found = FoundMisses::of($made);
        $ms[] = (hrtime(true) - $from) / 1e6;
    }
    sort($ms);
    printf("  %-18s %d weighings, %d effects: %.0f ms at the median, %.0f at most\n", $what, $found->n, count($found->effects), $ms[intdiv($times, 2)], end($ms));
}
