<?php

declare(strict_types=1);

/** Five hundred periods by chance: how near to the lower bound, and how long it takes. Run by bin/hovik bench period. */

use Hovik\Core\Pantry\Family;
use Hovik\Core\Period\Period;
use Hovik\Core\Period\PeriodLine;
use Hovik\Core\Period\Scheduler;
use Tests\Core\ChancePeriod;

require dirname(__DIR__, 2).'/vendor/autoload.php';

foreach (['bell to bell' => ChancePeriod::USUAL, 'measuring alone' => []] as $what => $fixed) {
    $ratios = $ms = [];
    for ($seed = 1001; $seed <= 1500; $seed++) {
        $period = ChancePeriod::of($seed, $fixed);
        $from = hrtime(true);
        $plan = Scheduler::plan($period);
        $ms[] = (hrtime(true) - $from) / 1e6;
        $ratios[] = $plan->endS / $plan->lowerBoundS;
    }
    sort($ms);
    sort($ratios);
    printf(
        "  %-16s %.3f of the lower bound on average, 95 %% within %.3f; %.0f ms at the median, %.0f ms at most\n", $what,
        array_sum($ratios) / 500, $ratios[475], $ms[250], $ms[499],
    );
}
$lines = array_map(
    static fn (int $i): PeriodLine => new PeriodLine(
        "line-$i", Family::cases()[$i], $i % 3 === 0 ? ['sugar'] : [], ['scale'], PeriodLine::usualMeasureS(Family::cases()[$i]),
    ),
    range(0, 11),
);
$ms = [];
for ($i = 0; $i < 15; $i++) {
    $from = hrtime(true);
    Scheduler::plan(Period::of(47, 8, 2, $lines, ['scale' => 3, 'sugar' => 2], ['set-up' => 300, 'check' => 60, 'clean-up' => 420]));
    $ms[] = (hrtime(true) - $from) / 1e6;
}
sort($ms);
printf("  8 stations x 12 lines: %.0f ms at the median, %.0f ms at most\n", $ms[7], $ms[14]);
