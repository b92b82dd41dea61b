<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

use Hovik\Core\InvalidInput;
use Hovik\Core\Statistics\MixedFit;
use Hovik\Core\Statistics\MixedModel;
use Hovik\Core\Statistics\StudentT;
use Hovik\Core\Words\Phrase;

/**
 * Who makes the miss (the craft's page, section 10): how much of it is the bag's, the cup's, the scale's, the hand's, and chance. Per food
 * ln(grams/target) = mean + bag + tool + scale + student + error, all but the mean random. Never a mark by itself.
 */
final readonly class MissComponents
{
    public const LEAST_WEIGHINGS = 8;

    /** Of a source, without which its spread cannot be told. */
    public const LEAST_LEVELS = 3;

    /**
     * @param  list<Weighed>  $weighings
     * @param  list<non-empty-list<Source>>  $sources  that are told apart; those that never come apart stand together
     * @param  array<string, float>  $means  ln of what a food weighs over its target, by food
     * @param  list<Effect>  $effects
     * @param  list<array<string, float>>  $shares  effects by factor and by what it was
     */
    private function __construct(
        public array $weighings, public array $sources, public MixedFit $fit, public array $means, public array $effects,
        private array $shares,
    ) {
    }

    /**
     * @param  list<Weighed>  $weighings
     *
     * @throws InvalidInput when there are too few weighings, or nothing of which there are three
     */
    public static function of(array $weighings): self
    {
        if (count($weighings) < self::LEAST_WEIGHINGS) {
            throw InvalidInput::because('weighings', Phrase::of('refusal.weighings', ['least' => self::LEAST_WEIGHINGS]));
        }
        [$foods, $kind] = self::numbered(array_column($weighings, 'food'));
        $factors = self::factors($weighings, $foods);
        if ($factors === []) {
            throw InvalidInput::because('weighings', Phrase::of('refusal.levels', ['least' => self::LEAST_LEVELS]));
        }
        $model = new MixedModel(
            array_map(static fn (Weighed $one): float => $one->share(), $weighings), $kind, array_column($factors, 'levels'),
        );
        $fit = $model->fit();

        return new self(
            $weighings, array_column($factors, 'sources'), $fit, array_combine($foods, $fit->means),
            self::effects($weighings, $factors, $fit, $model->errorsWithDoubt($fit)),
            array_map(static fn (array $factor, int $at): array => array_combine(
                array_map($factor['sources'][0]->of(...), $weighings),
                array_map(static fn (int $level): float => $fit->effects[$at][$level], $factor['levels']),
            ), $factors, array_keys($factors)),
        );
    }

    /** @return list<Effect> of one source, alone or with others from which it never comes apart */
    public function from(Source $source): array
    {
        return array_values(array_filter($this->effects, static fn (Effect $one): bool => in_array($source, $one->sources, true)));
    }

    /**
     * What is left of a weighing when the bag's part, the tool's and the scale's are taken off: the hand's, and chance.
     *
     * @return float as a factor of the target, 1.0 where nothing is left
     */
    public function ofTheHand(Weighed $one): float
    {
        $share = $one->share() - $this->means[$one->food];
        foreach ($this->sources as $factor => $sources) {
            // Where a hand never comes apart from a tool, nobody can take off the tool's part alone.
            if (! in_array(Source::Student, $sources, true)) {
                $share -= $this->shares[$factor][$sources[0]->of($one)] ?? 0.0;
            }
        }

        return exp($share);
    }

    /**
     * Share of all spread that is chance's, and each source's, %.
     *
     * @return array<string, float> by the names of the sources, `+` between those that stand together
     */
    public function spread(): array
    {
        $of = [];
        foreach ($this->sources as $factor => $sources) {
            $of[implode('+', array_column($sources, 'value'))] = $this->fit->varianceOf($factor);
        }
        $of['chance'] = $this->fit->variance;
        $all = array_sum($of);

        return array_map(static fn (float $one): float => $all > 0 ? 100 * $one / $all : 0.0, $of);
    }

    /**
     * How much otherwise than their targets say foods weigh, whoever measured them: with one bag of each, that bag against the book.
     *
     * @return list<Effect>
     */
    public function foods(): array
    {
        $foods = [];
        foreach (array_keys($this->means) as $i => $food) {
            $own = array_values(array_filter($this->weighings, static fn (Weighed $one): bool => $one->food === $food));
            $foods[] = new Effect(
                [Source::Bag], $food, $own[0]->family, $this->fit->means[$i], $this->fit->meanErrors[$i],
                array_sum(array_column($own, 'targetG')) / count($own), count($own),
                self::within(count($this->weighings) - count($this->means)),
            );
        }

        return $foods;
    }

    /**
     * What there are three of or more, most levels first; those with the same weighings at every level are one.
     *
     * @param  list<Weighed>  $weighings
     * @param  list<string>  $foods
     * @return list<array{sources: non-empty-list<Source>, levels: list<int>}>
     */
    private static function factors(array $weighings, array $foods): array
    {
        $factors = [];
        foreach (Source::cases() as $source) {
            [$ids, $levels] = self::numbered(array_map($source->of(...), $weighings));
            // One bag of each food is that food's mean: 'your flour against the book'.
            $isMean = $source === Source::Bag && count($ids) === count($foods);
            if (count($ids) < self::LEAST_LEVELS || $isMean || count($ids) === count($weighings)) {
                continue;
            }
            $key = implode(',', $levels);
            $factors[$key]['sources'][] = $source;
            $factors[$key]['levels'] = $levels;
        }
        $factors = array_values($factors);
        usort($factors, static fn (array $a, array $b): int => count(array_unique($b['levels'])) <=> count(array_unique($a['levels'])));

        return $factors;
    }

    /**
     * @param  list<Weighed>  $weighings
     * @param  list<array{sources: non-empty-list<Source>, levels: list<int>}>  $factors
     * @param  array<int, array<int, float>>  $errors
     * @return list<Effect>
     */
    private static function effects(array $weighings, array $factors, MixedFit $fit, array $errors): array
    {
        $effects = [];
        $spent = array_sum(array_map(static fn (array $one): int => count(array_unique($one['levels'])) - 1, $factors));
        $within = self::within(count($weighings) - count($fit->means) - $spent);
        foreach ($factors as $factor => ['sources' => $sources, 'levels' => $levels]) {
            $of = [];
            foreach ($levels as $i => $level) {
                $of[$level][] = $weighings[$i];
            }
            foreach ($of as $level => $own) {
                $effects[] = new Effect(
                    $sources, implode(' + ', array_map(static fn (Source $source): string => $source->nameOf($own[0]), $sources)),
                    $own[0]->family, $fit->effects[$factor][$level], $errors[$factor][$level],
                    array_sum(array_column($own, 'targetG')) / count($own), count($own), $within,
                );
            }
        }

        return $effects;
    }

    private static function within(int $free): float
    {
        return (new StudentT(max(1, $free)))->within(0.95);
    }

    /**
     * Names by the order in which they come first, so that two sources with the same weighings at each level are numbered alike.
     *
     * @param  list<string>  $names
     * @return array{list<string>, list<int>}
     */
    private static function numbered(array $names): array
    {
        $ids = array_values(array_unique($names));
        $places = array_flip($ids);

        return [$ids, array_map(static fn (string $name): int => $places[$name], $names)];
    }
}
