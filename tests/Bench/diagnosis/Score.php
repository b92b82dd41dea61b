<?php

declare(strict_types=1);

namespace Hovik\Tests\Bench\Diagnosis;

/** Counts hits, and how honest the probabilities are. */
final class Score
{
    /** @var array<string, int> */
    private array $hits = ['top1' => 0, 'top3' => 0, 'group' => 0, 'fault1' => 0, 'fault3' => 0, 'faultGroup' => 0, 'blamed' => 0];

    private int $all = 0;

    private int $faults = 0;

    private float $brier = 0.0;

    /** @var array<int, array{int, float, int}> by decile of p: how many, sum of p, how many true */
    private array $deciles = [];

    /** @var array<string, array{int, int, int}> by true label: how many, first, among three */
    private array $labels = [];

    /** @var array<string, int> "true, first" */
    private array $confused = [];

    /**
     * @param  array<string, float>  $ranked  p by cause, best first
     * @param  callable(string): bool  $overlaps  whether another cause's range covers more than half of the true one's
     */
    public function add(string $label, array $ranked, callable $overlaps): void
    {
        $first = (string) (array_key_first($ranked) ?? 'unexplained');
        $top1 = $first === $label;
        $top3 = in_array($label, array_slice(array_keys($ranked), 0, 3), true);
        $group = $top1 || ($label !== 'sound' && $first !== 'sound' && $first !== 'unexplained' && $overlaps($first));
        $this->all++;
        foreach (['top1' => $top1, 'top3' => $top3, 'group' => $group] as $figure => $hit) {
            $this->hits[$figure] += (int) $hit;
        }
        if ($label === 'sound') {
            $this->hits['blamed'] += (int) ($first !== 'sound');
        } else {
            $this->faults++;
            foreach (['fault1' => $top1, 'fault3' => $top3, 'faultGroup' => $group] as $figure => $hit) {
                $this->hits[$figure] += (int) $hit;
            }
        }
        $sum = array_key_exists($label, $ranked) ? 0.0 : 1.0;
        foreach ($ranked as $cause => $p) {
            $sum += ($p - (float) ($cause === $label)) ** 2;
            $decile = min((int) floor(10 * $p), 9);
            $this->deciles[$decile] ??= [0, 0.0, 0];
            $this->deciles[$decile][0]++;
            $this->deciles[$decile][1] += $p;
            $this->deciles[$decile][2] += (int) ($cause === $label);
        }
        $this->brier += $sum;
        $this->labels[$label] ??= [0, 0, 0];
        $this->labels[$label][0]++;
        $this->labels[$label][1] += (int) $top1;
        $this->labels[$label][2] += (int) $top3;
        if (! $top1) {
            $this->confused["$label, $first"] = ($this->confused["$label, $first"] ?? 0) + 1;
        }
    }

    public function percent(string $figure): float
    {
        $of = match ($figure) {
            'top1', 'top3', 'group' => $this->all,
            'blamed' => $this->all - $this->faults,
            default => $this->faults,
        };

        return 100 * $this->hits[$figure] / max($of, 1);
    }

    public static function table(string $which, self $ours, self $ceiling): void
    {
        $rows = ['top1' => 'right cause first', 'top3' => 'among the first three', 'group' => 'first, or one whose range overlaps the right one by more than half',
            'fault1' => 'of slips: right cause first', 'fault3' => 'of slips: among the first three', 'faultGroup' => 'of slips: first, or overlapping', 'blamed' => 'of sound work: a slip named first'];
        echo "### The ticked steps: $which\n\n| | Hovik | best possible | apart |\n|---|---|---|---|\n";
        foreach ($rows as $figure => $said) {
            printf(
                "| %s | %.1f %% | %.1f %% | %+.1f |\n", $said, $ours->percent($figure), $ceiling->percent($figure),
                $ours->percent($figure) - $ceiling->percent($figure),
            );
        }
        printf(
            "| Brier score (0 best, 2 worst) | %.3f | %.3f | %+.3f |\n\n", $ours->brier / $ours->all,
            $ceiling->brier / $ceiling->all, ($ours->brier - $ceiling->brier) / $ours->all,
        );
    }

    public static function details(self $ours, self $ceiling): void
    {
        echo "### Reliability of p, with steps\n\n| p said | how many | mean p | came true | best possible: mean p | came true |\n|---|---|---|---|---|---|\n";
        for ($i = 0; $i < 10; $i++) {
            [$n, $p, $true] = $ours->deciles[$i] ?? [0, 0.0, 0];
            [$m, $q, $right] = $ceiling->deciles[$i] ?? [0, 0.0, 0];
            printf(
                "| %d to %d %% | %d | %.1f %% | %.1f %% | %.1f %% | %.1f %% |\n", 10 * $i, 10 * $i + 10, $n,
                100 * $p / max($n, 1), 100 * $true / max($n, 1), 100 * $q / max($m, 1), 100 * $right / max($m, 1),
            );
        }
        echo "\n### By cause, with steps\n\n| cause | how many | first | best possible | among three | best possible | most often taken for |\n|---|---|---|---|---|---|---|\n";
        uasort($ours->labels, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($ours->labels as $label => [$n, $first, $three]) {
            [, $best, $bestThree] = $ceiling->labels[$label];
            $others = array_filter(
                $ours->confused, static fn (string $key): bool => str_starts_with($key, "$label, "), ARRAY_FILTER_USE_KEY,
            );
            arsort($others);
            $said = array_map(
                static fn (string $key, int $times): string => substr($key, strlen($label) + 2).sprintf(
                    ' %d %%', (int) round(100 * $times / $n),
                ),
                array_keys($others), $others,
            );
            printf(
                "| %s | %d | %.0f %% | %.0f %% | %.0f %% | %.0f %% | %s |\n", $label, $n, 100 * $first / $n, 100 * $best / $n,
                100 * $three / $n, 100 * $bestThree / $n, implode(', ', array_slice($said, 0, 3)),
            );
        }
        echo "\n";
    }
}
