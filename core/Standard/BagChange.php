<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Hovik\Core\Statistics\Sample;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** Whether careful weighings since a figure was taken on say that the food is another by now: a new bag, perhaps. */
final readonly class BagChange
{
    /** Weighings without which nothing is said, and the change that is worth a word, %. */
    private const LEAST = 8;

    private const WORTH_PCT = 2.0;

    /**
     * @param  float  $pct  heavier than the figure says; below 0: lighter
     */
    private function __construct(public float $pct, public int $n)
    {
    }

    /**
     * @param  list<float>  $shares  each weighing over what good technique gives with its very tool by the figure
     * @return self|null  null where nothing is to be said
     */
    public static function seenIn(array $shares): ?self
    {
        if (count($shares) < self::LEAST) {
            return null;
        }
        $sample = Sample::of($shares, 'shares');
        $kept = $sample->without($sample->outliers());
        [$low, $high] = $kept->interval() ?? [0.0, 2.0];
        $pct = 100 * ($kept->mean() - 1);

        return ($low > 1.0 || $high < 1.0) && abs($pct) >= self::WORTH_PCT ? new self($pct, $kept->n()) : null;
    }

    /** What a careful weighing was over what good technique gives with its very tools; null where it was not careful, or no technique. */
    public static function shareOf(Judgement $judged): ?float
    {
        $technique = $judged->technique;
        $isCareful = $technique?->verdict === Verdict::Level || $technique?->verdict === Verdict::TooClose;

        return $technique === null || ! $isCareful ? null : $judged->reading->trueGrams() / $technique->expectedG;
    }

    public function said(string $food): Phrase
    {
        return Phrase::of($this->pct > 0 ? 'bag.heavier' : 'bag.lighter', [
            'name' => Phrase::of("ingredient.$food"), 'n' => $this->n, 'percent' => round(abs($this->pct), 0),
        ]);
    }
}
