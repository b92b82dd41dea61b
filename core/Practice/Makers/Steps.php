<?php

declare(strict_types=1);

namespace Hovik\Core\Practice\Makers;

use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;

/** Steps of a technique as questions show them, and steps that do not belong to it. */
final class Steps
{
    private const FEWEST = 3;

    /** What people do that spoils it, by family. */
    private const SPOILERS = [
        'fine-powder' => [
            Step::Pack, Step::Settle, Step::PressOutAir,
        ], 'granular-sugar' => [Step::Pack, Step::PressOutAir], 'moist-sugar' => [Step::SpoonHeaped, Step::OverPaper],
        'leavener-spice' => [Step::Pack, Step::PressOutAir], 'coarse-grain' => [Step::Pack, Step::PressOutAir], 'solid-fat' => [
            Step::Loosen, Step::SpoonHeaped,
        ],
        'thin-liquid' => [Step::SweepLevel, Step::Pack], 'oil' => [Step::SweepLevel, Step::Pack],
        'viscous-liquid' => [Step::Loosen, Step::Sift], 'thick-dairy-puree' => [Step::Sift, Step::Settle],
        'nut-butter' => [Step::Loosen, Step::SpoonHeaped], 'pieces' => [Step::Pack, Step::Sift], 'shredded' => [Step::Sift],
        'counted' => [Step::SweepLevel, Step::Pack], 'whole-irregular' => [Step::SweepLevel, Step::Pack],
    ];

    /** Neighbours that may stand either way: what is done to the food, and where the hands are held. */
    public const SWAPPABLE = [['loosen', 'over-paper'], ['sift', 'over-paper'], ['crush-lumps', 'over-paper']];

    /**
     * Foods with steps enough to be put in order, or to miss one.
     *
     * @return callable(Ingredient): bool
     */
    public static function areEnough(Setting $setting): callable
    {
        return static fn (Ingredient $food): bool => count(self::of($food, $setting)) >= self::FEWEST;
    }

    /** @return non-empty-list<Step> by the class's own way */
    public static function of(Ingredient $ingredient, Setting $setting): array
    {
        $method = TechniqueCatalogue::methodFor($ingredient, $setting->schools->methodFor($ingredient));
        $kind = match (true) {
            Foods::isSpooned($ingredient), RecipeAmounts::isDropped($ingredient) => ToolKind::Spoon,
            Foods::findsItsLevel($ingredient) => ToolKind::LiquidMeasure,
            $ingredient->family === Family::WholeIrregular => null, // weighed out
            default => ToolKind::DryCup,
        };
        $technique = TechniqueCatalogue::for($ingredient, $method, $kind, $setting->pantry);
        $steps = $technique->levelledAs($setting->schools, $ingredient->family)->steps;

        return $steps === [] ? [Step::CleanDryEmpty] : $steps;
    }

    /**
     * @param  list<Step>  $steps
     * @return non-empty-list<Step> that do not belong there
     */
    public static function spoilers(Ingredient $ingredient, array $steps): array
    {
        $spoilers = array_values(
            array_filter(
                self::SPOILERS[$ingredient->family->value],
                static fn (Step $step): bool => ! in_array($step, $steps, true),
            ),
        );

        return $spoilers === [] ? [Step::CutAtMark] : $spoilers;
    }

    public static function said(Step $step): Phrase
    {
        return Phrase::of("step.{$step->value}");
    }

    public static function choice(Step $step, ?string $misconception = null): Choice
    {
        return new Choice($step->value, self::said($step), $misconception);
    }
}
