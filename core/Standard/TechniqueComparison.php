<?php

declare(strict_types=1);

namespace Hovik\Core\Standard;

use Hovik\Core\InvalidInput;
use Hovik\Core\Statistics\Difference;
use Hovik\Core\Statistics\PairDifference;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Statistics\VarianceAnalysis;
use Hovik\Core\Words\Phrase;

/**
 * The same food by two or more techniques, tools or kinds (the craft's page, section 10): how far apart they are, and whether these
 * weighings can tell. Where the same hands did each, what is theirs is taken out first.
 */
final readonly class TechniqueComparison
{
    /** Weighings of each without which nothing can be compared. */
    private const LEAST = 2;

    private const MOST_GROUPS = 12;

    /**
     * @param  array<string, Sample>  $groups  g, by name
     * @param  non-empty-list<array<string, float>>|null  $byHand  each student's, by name; null: different students did each
     */
    private function __construct(public array $groups, private ?array $byHand)
    {
    }

    /**
     * @param  array<string, Sample>  $groups
     *
     * @throws InvalidInput when there are fewer than two, or one has fewer than two weighings
     */
    public static function of(array $groups): self
    {
        self::mustBeComparable($groups, 'groups');

        return new self($groups, null);
    }

    /**
     * @param  list<array<string, float>>  $byHand  whoever did not do all of them is left out
     *
     * @throws InvalidInput when fewer than two students did all of them
     */
    public static function byTheSameHands(array $byHand): self
    {
        $names = array_keys(array_merge(...$byHand));
        $whole = array_values(array_filter($byHand, static fn (array $one): bool => count($one) === count($names)));
        $groups = [];
        foreach ($whole === [] ? [] : $names as $name) {
            $groups[$name] = Sample::of(array_column($whole, $name), "pairs.$name");
        }
        self::mustBeComparable($groups, 'pairs');

        return new self($groups, $whole === [] ? null : $whole);
    }

    /** Of two; the second's less the first's. Null where there are more. */
    public function difference(): ?Difference
    {
        if (count($this->groups) !== 2) {
            return null;
        }
        [$first, $second] = array_values($this->groups);

        return $this->byHand === null ? Difference::welch($first, $second) : Difference::paired($this->apart());
    }

    /** Of three or more; null where there are two. */
    public function variance(): ?VarianceAnalysis
    {
        return match (true) {
            count($this->groups) < 3 => null,
            $this->byHand === null => VarianceAnalysis::of($this->groups),
            default => VarianceAnalysis::inBlocks($this->byHand),
        };
    }

    /**
     * The result in an honest sentence: of two the one, of more one for each pair that can be told apart.
     *
     * @return list<Phrase>
     */
    public function inWords(): array
    {
        $difference = $this->difference();
        if ($difference !== null) {
            [$first, $second] = array_keys($this->groups);

            return [$this->said($first, $second, $difference->mean, $difference->interval, $difference->isTold())];
        }
        $pairs = $this->variance()?->pairs() ?? [];
        $told = array_filter($pairs, static fn (PairDifference $pair): bool => $pair->isTold());

        return $told === [] ? [Phrase::of('compare.none-told')] : array_values(array_map(
            fn (PairDifference $pair): Phrase => $this->said($pair->first, $pair->second, $pair->mean, $pair->interval, true), $told,
        ));
    }

    /** @param  array{float, float}  $interval */
    private function said(string $first, string $second, float $mean, array $interval, bool $isTold): Phrase
    {
        $half = ($interval[1] - $interval[0]) / 2;
        $decimals = $half < 0.1 ? 2 : ($half < 2 ? 1 : 0);
        $names = ['first' => $first, 'second' => $second];
        if (! $isTold) {
            return Phrase::of('compare.not-told', $names + ['grams' => round(max(abs($interval[0]), abs($interval[1])), $decimals)]);
        }
        $with = $names + [
            'grams' => round(abs($mean), $decimals), 'half' => round($half, $decimals),
            'percent' => round(100 * abs($mean) / $this->groups[$first]->mean(), 0),
        ];
        $sentence = $mean > 0 ? 'compare.more' : 'compare.less';
        if ($this->byHand === null || count($this->groups) !== 2) {
            return Phrase::of($sentence, $with);
        }
        $so = count(array_filter($this->apart()->readings, static fn (float $one): bool => $one * $mean > 0));

        return Phrase::of("$sentence-hands", $with + ['so' => $so, 'n' => $this->apart()->n()]);
    }

    /** Each student's second less their first. */
    private function apart(): Sample
    {
        [$first, $second] = array_keys($this->groups);

        return Sample::of(array_map(static fn (array $one): float => $one[$second] - $one[$first], $this->byHand ?? []), 'pairs');
    }

    /** @param  array<string, Sample>  $groups */
    private static function mustBeComparable(array $groups, string $field): void
    {
        if (count($groups) < 2 || count($groups) > self::MOST_GROUPS) {
            throw InvalidInput::because($field, Phrase::of('refusal.techniques', ['least' => 2, 'most' => self::MOST_GROUPS]));
        }
        foreach ($groups as $name => $sample) {
            if ($sample->n() < self::LEAST) {
                throw InvalidInput::because("$field.$name", Phrase::of('refusal.readings', ['least' => self::LEAST]));
            }
        }
    }
}
