<?php

declare(strict_types=1);

namespace Hovik\Core\Ask;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Standard\OwnStandard;
use Hovik\Core\Standard\TechniqueComparison;
use Hovik\Core\Statistics\PairDifference;
use Hovik\Core\Statistics\Sample;
use Hovik\Core\Words\Phrase;

/** `own-standard` and `compare`. */
final class Standards
{
    /** @return array<string, mixed> */
    public static function own(JsonInput $given): array
    {
        $own = OwnStandard::of(
            Sample::of(self::numbers($given->list('readings_g'), 'readings_g'), 'readings_g'), self::volume($given),
            $given->has('left_out') ? array_map(intval(...), self::numbers($given->list('left_out'), 'left_out')) : [],
        );
        $counted = $own->counted();

        return [
            'n' => $counted->n(),
            'mean_g' => Ask::tidy($counted->mean()),
            'sd_g' => Ask::tidy($counted->sd()),
            'cv_pct' => Ask::tidy($counted->cvPct() ?? 0.0),
            'ci95_g' => array_map(Ask::tidy(...), $counted->interval() ?? []),
            'g_per_us_cup' => Ask::tidy($own->gramsPerUsCup()),
            'outliers' => $own->outliers(),
            'more_for_2pct' => $own->more(),
        ];
    }

    /** @return array<string, mixed> */
    public static function compare(JsonInput $given): array
    {
        $comparison = $given->has('pairs')
                ? TechniqueComparison::byTheSameHands(self::pairs($given)) : TechniqueComparison::of(self::groups($given));
        $each = static fn (callable $of): array => array_map(static fn (Sample $one): mixed => $of($one), $comparison->groups);
        $difference = $comparison->difference();
        $variance = $comparison->variance();

        return [
            'means_g' => $each(static fn (Sample $one): float => Ask::tidy($one->mean())),
            'sds_g' => $each(static fn (Sample $one): float => Ask::tidy($one->sd())),
            'n' => $each(static fn (Sample $one): int => $one->n()),
            ...($difference === null ? [] : [
                'difference_g' => Ask::tidy($difference->mean), 'ci95_g' => array_map(Ask::tidy(...), $difference->interval),
                't' => Ask::tidy($difference->t), 'df' => Ask::tidy($difference->df), 'p' => Ask::tidy($difference->p),
            ]),
            ...($variance === null ? [] : [
                'f' => Ask::tidy($variance->f), 'df' => [$variance->df, $variance->errorDf], 'p' => Ask::tidy($variance->p),
                'tukey' => array_map(static fn (PairDifference $pair): array => [
                    'first' => $pair->first, 'second' => $pair->second, 'difference_g' => Ask::tidy($pair->mean),
                    'ci95_g' => array_map(Ask::tidy(...), $pair->interval), 'p' => Ask::tidy($pair->p),
                ], $variance->pairs()),
            ]),
            'in_words' => implode(' ', array_map(Ask::english(...), $comparison->inWords())),
        ];
    }

    private static function volume(JsonInput $given): BigRational
    {
        if ($given->has('volume_ml')) {
            return $given->exact('volume_ml');
        }
        $fills = Tools::fills($given, $given->standard());

        return array_reduce(
            $fills, static fn (BigRational $sum, Fill $fill): BigRational => $sum->plus($fill->totalMl()), BigRational::zero(),
        );
    }

    /** @return array<string, Sample> */
    private static function groups(JsonInput $given): array
    {
        $groups = [];
        foreach (self::named($given->anything('groups'), 'groups') as $name => $readings) {
            if (! is_array($readings)) {
                throw InvalidInput::because("groups.$name", Phrase::of('refusal.must-be-list', ['name' => $name, 'most' => 500]));
            }
            $groups[$name] = Sample::of(self::numbers($readings, "groups.$name"), "groups.$name");
        }

        return $groups;
    }

    /** @return list<array<string, float>> */
    private static function pairs(JsonInput $given): array
    {
        $pairs = [];
        foreach ($given->list('pairs') as $i => $one) {
            $named = self::named($one, "pairs.$i");
            $pairs[] = array_combine(array_keys($named), self::numbers(array_values($named), "pairs.$i"));
        }

        return $pairs;
    }

    /** @return array<string, mixed> */
    private static function named(mixed $given, string $field): array
    {
        if (! is_array($given) || $given === [] || array_is_list($given)) {
            throw InvalidInput::because($field, Phrase::of('refusal.must-be-object', ['name' => $field]));
        }

        return array_combine(array_map(strval(...), array_keys($given)), array_values($given));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<float>
     */
    public static function numbers(array $given, string $field): array
    {
        $numbers = [];
        foreach ($given as $i => $one) {
            $numbers[] = is_int($one) || is_float($one) ? (float) $one : throw InvalidInput::because(
                "$field.$i", Phrase::of('refusal.must-be-number', ['name' => "$field.$i"]),
            );
        }

        return $numbers;
    }
}
