<?php

declare(strict_types=1);

namespace Hovik\Core\Safety;

use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Plan\PlannedLine;
use Hovik\Core\Technique\Step;

/** The safety points that a lab's lines and directions ask for. */
final class LabSafety
{
    /** g for one station; more is lifted with the knees, or by two. */
    private const HEAVY_G = 4000;

    /** Words of directions and lines, in English and Spanish, that bring heat, knives, dust beside a flame or broken glass. */
    private const BY_WORD = [
        'oven' => ['oven', 'bakes?', 'baking', 'roast', 'preheat', 'broil', 'horno', 'hornea', 'hornear', 'asa', 'precalienta'],
        'hot-liquids' => [
            'melt(?:ed)?', 'boil(?:ing)?', 'simmer', 'scald', 'hot', 'fry', 'warm', 'derrite', 'derretid[oa]s?', 'hierve', 'hervir',
            'caliente', 'fríe', 'freír', 'tibi[oa]',
        ],
        'knives' => [
            '(?:chop|slice|dice|mince|grate|shred|peel|cut)(?:ped|d|ted)?', 'corta', 'cortar', 'pica(?:d[oa]s?)?', 'picar',
            'ralla(?:d[oa]s?)?', 'rallar', 'pela', 'pelar',
        ],
        'dust' => ['sift', 'tamiza', 'tamizar', 'cierne', 'cernir'],
        'broken-glass' => ['glass', 'jar', 'vidrio', 'frasco'],
    ];

    /**
     * @param  list<PlannedLine>  $lines
     * @param  list<string>  $directions
     * @param  list<string>  $written  the lines as the recipe writes them: 'walnuts, chopped'
     * @return list<SafetyPoint> in their own order; none for a lab without lines
     */
    public static function needs(array $lines, array $directions = [], array $written = []): array
    {
        if ($lines === []) {
            return [];
        }
        $needs = [SafetyPoint::Hygiene, SafetyPoint::WaterAndScales, ...self::ofWords(implode("\n", [...$directions, ...$written]))];
        $grams = 0.0;
        foreach ($lines as $line) {
            $needs = [...$needs, ...self::ofFood($line->ingredient), ...self::ofSteps($line)];
            $grams += $line->targetG->toFloat();
        }
        if ($grams >= self::HEAVY_G) {
            $needs[] = SafetyPoint::Lifting;
        }

        return array_values(array_filter(SafetyPoint::cases(), static fn (SafetyPoint $point): bool => in_array($point, $needs, true)));
    }

    /** @return list<SafetyPoint> what a text of directions asks to mind */
    public static function ofWords(string $text): array
    {
        $plain = mb_strtolower($text);

        return array_map(SafetyPoint::from(...), array_keys(array_filter(
            self::BY_WORD, static fn (array $words): bool => preg_match('~\b(?:'.implode('|', $words).')\b~u', $plain) === 1,
        )));
    }

    /** @return list<SafetyPoint> */
    public static function ofFood(Ingredient $ingredient): array
    {
        return [
            ...(SafetyPoint::tryFrom($ingredient->rawRisk) === null ? [] : [SafetyPoint::from($ingredient->rawRisk)]),
            ...($ingredient->allergens === [] ? [] : [SafetyPoint::Allergens]),
        ];
    }

    /** @return list<SafetyPoint> those that go with a tool or a step; heat is told by the directions, not by every jug */
    private static function ofSteps(PlannedLine $line): array
    {
        $points = array_map(
            static fn (Step $step): ?SafetyPoint => SafetyPoint::atStep($step, $line->ingredient->family),
            $line->plans->technique->steps,
        );

        return array_values(
            array_filter($points, static fn (?SafetyPoint $point): bool => $point !== null && $point !== SafetyPoint::HotLiquids),
        );
    }
}
