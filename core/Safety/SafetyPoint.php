<?php

declare(strict_types=1);

namespace Hovik\Core\Safety;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Technique\Step;
use Hovik\Core\Words\Phrase;

/**
 * What a kitchen class takes care of (the craft's page, section 14). Words: `safety.ID.name` for a list, `safety.ID` for the
 * caution beside a step, `safety.ID.why`, `safety.ID.when` and the deeds of {@see Deeds} for practice.
 */
enum SafetyPoint: string
{
    case Hygiene = 'hygiene';
    case RawFlour = 'raw-flour';
    case RawEgg = 'raw-egg';
    case Allergens = 'allergens';
    case Knives = 'knives';
    case HotLiquids = 'hot-liquids';
    case Dust = 'dust';
    case WaterAndScales = 'water-and-scales';
    case Lifting = 'lifting';
    case BrokenGlass = 'broken-glass';
    case Oven = 'oven';

    public function named(): Phrase
    {
        return Phrase::of("safety.$this->value.name");
    }

    public function caution(): Phrase
    {
        return Phrase::of("safety.$this->value");
    }

    /**
     * What raw foods ask for: not to be tasted.
     *
     * @param  list<Ingredient>  $foods
     * @return list<self>
     */
    public static function ofRaw(array $foods): array
    {
        $points = array_map(static fn (Ingredient $food): ?self => self::tryFrom($food->rawRisk), $foods);

        return array_values(array_unique(array_filter($points), SORT_REGULAR));
    }

    /** What to mind at a step; null where it has no danger of its own. */
    public static function atStep(Step $step, Family $family): ?self
    {
        return match ($step) {
            Step::CleanDryEmpty => self::Hygiene,
            Step::Sift => self::Dust,
            Step::Loosen => $family === Family::FinePowder ? self::RawFlour : null,
            Step::CrackApart => self::RawEgg,
            Step::SweepKnife, Step::CutAtMark => self::Knives,
            Step::FlatSurface => self::BrokenGlass,
            Step::PourNear => self::HotLiquids,
            Step::Weigh => self::WaterAndScales,
            default => null,
        };
    }
}
