<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** The technique of every family, by house method and by the tool it ends up in. */
final class TechniqueCatalogue
{
    /**
     * The class's method, or the family's default where none is given.
     *
     * @throws InvalidInput when the method belongs to another family
     */
    public static function methodFor(Ingredient $ingredient, ?HouseMethod $method, string $field = 'method'): ?HouseMethod
    {
        if ($method !== null && ! $method->suits($ingredient->family)) {
            throw InvalidInput::because(
                $field,
                Phrase::of(
                    'refusal.no-method',
                    ['method' => Phrase::of("method.$method->value"), 'name' => Phrase::of("ingredient.$ingredient->id")],
                ),
            );
        }

        return $method ?? HouseMethod::forFamily($ingredient->family)[0] ?? null;
    }

    /** The handling that gives the right weight: the method's, or the ingredient's reference. */
    public static function handlingFor(Ingredient $ingredient, ?HouseMethod $method): Handling
    {
        return $method?->handling() ?? $ingredient->referenceHandling;
    }

    /** @param  ToolKind|null  $tool of the plan's first fill; null when the line is weighed or counted */
    public static function for(Ingredient $ingredient, ?HouseMethod $method, ?ToolKind $tool, Pantry $pantry): Technique
    {
        return new Technique(
            self::steps($ingredient, $method, $tool),
            self::watch($ingredient, $method, $tool, $pantry),
            self::cautions($ingredient),
        );
    }

    /** @return list<Step> */
    private static function steps(Ingredient $ingredient, ?HouseMethod $method, ?ToolKind $tool): array
    {
        $family = $ingredient->family;
        if ($family === Family::Counted) {
            return [Step::CleanDryEmpty, Step::CrackApart, Step::CheckShell];
        }
        if ($tool === null) {
            return Step::WEIGHING_OUT;
        }
        if ($tool === ToolKind::ButterWrapper) {
            return [Step::CutAtMark, Step::ScrapeOut];
        }
        $own = match ($family) {
            Family::FinePowder => self::finePowder($ingredient, $method),
            Family::GranularSugar => [Step::CrushLumps, Step::DipHeaped, Step::SweepLevel, Step::ReturnExcess],
            Family::MoistSugar => $method === HouseMethod::LooseFill
                ? [Step::CrushLumps, Step::Fill, Step::SweepLevel]
                : [Step::CrushLumps, Step::Pack, Step::SweepLevel, Step::TurnOut],
            Family::LeavenerSpice => [Step::Loosen, Step::DipHeaped, Step::SweepLevel],
            Family::CoarseGrain => [Step::Loosen, Step::Fill, Step::SweepLevel, Step::ReturnExcess],
            Family::Pieces => [Step::Fill, self::isPacked($method) ? Step::Pack : Step::Settle],
            Family::Shredded => self::isPacked($method) ? [Step::Fill, Step::Pack] : [Step::Fill],
            Family::WholeIrregular => [Step::Fill],
            Family::SolidFat, Family::NutButter => [Step::PressOutAir, Step::SweepLevel, Step::ScrapeOut],
            Family::ThinLiquid => self::poured($tool, false),
            Family::Oil => self::poured($tool, true),
            Family::ViscousLiquid => [
                Step::OilTool, Step::Fill, ...($tool->isMarked() ? [Step::FlatSurface, self::reads($tool)] : [Step::SweepLevel]),
                Step::ScrapeOut,
            ],
            Family::ThickDairyPuree => $tool->isMarked()
                ? [Step::Fill, Step::FlatSurface, self::reads($tool), Step::ScrapeOut]
                : [
                    Step::Fill, Step::PressOutAir, Step::SweepLevel, ...($tool === ToolKind::Spoon ? [] : [Step::LeaveInCup]),
                    Step::ScrapeOut,
                ],
        };

        return [Step::CleanDryEmpty, ...$own];
    }

    private static function isPacked(?HouseMethod $method): bool
    {
        return $method === HouseMethod::PackedFirm || $method === HouseMethod::PackedLight;
    }

    /** @return list<Step> */
    private static function finePowder(Ingredient $ingredient, ?HouseMethod $method): array
    {
        $before = match ($method) {
            HouseMethod::SiftSpoonLevel => [Step::Sift],
            HouseMethod::DipSweep => [],
            default => [$ingredient->kind === Kind::LumpyPowder ? Step::CrushLumps : Step::Loosen],
        };
        $filling = $method === HouseMethod::DipSweep ? Step::DipHeaped : Step::SpoonHeaped;

        return [...$before, Step::OverPaper, $filling, Step::SweepLevel, Step::ReturnExcess];
    }

    /** @return list<Step> */
    private static function poured(ToolKind $tool, bool $scrape): array
    {
        $steps = $tool->isMarked()
            ? [Step::FlatSurface, Step::PourNear, self::reads($tool), Step::TopUpCurve]
            : [Step::HoldLevel];

        return $scrape ? [...$steps, Step::ScrapeOut] : $steps;
    }

    private static function reads(ToolKind $tool): Step
    {
        return $tool === ToolKind::TopReadLiquidMeasure ? Step::ReadAbove : Step::EyeLevel;
    }

    private static function watch(Ingredient $ingredient, ?HouseMethod $method, ?ToolKind $tool, Pantry $pantry): ?Watch
    {
        if ($tool === null || $tool === ToolKind::ButterWrapper) {
            return null;
        }
        if ($ingredient->family === Family::ViscousLiquid) {
            return new Watch(Phrase::of('watch.residue', ['percent' => (int) round(100 * $ingredient->residue)]), Verdict::Shy);
        }
        if ($tool === ToolKind::TopReadLiquidMeasure) {
            return null; // there is no line to bend for
        }
        if ($ingredient->family->isPoured()) {
            return new Watch(Phrase::of($tool->isMarked() ? 'watch.eye-above' : 'watch.spoon-tilted'), Verdict::Shy);
        }
        $mistake = match ($ingredient->family) {
            Family::FinePowder => $method === HouseMethod::DipSweep ? Handling::Tapped : Handling::Dipped,
            Family::GranularSugar, Family::CoarseGrain => Handling::Tapped,
            Family::MoistSugar => $method === HouseMethod::LooseFill ? Handling::PressedLight : Handling::Loose,
            Family::LeavenerSpice => Handling::PressedLight,
            Family::Pieces, Family::Shredded, Family::WholeIrregular => self::isPacked($method) ? Handling::Loose : Handling::PressedLight,
            Family::SolidFat, Family::NutButter, Family::ThickDairyPuree => Handling::AirPockets,
            default => null,
        };
        $wrong = $mistake === null ? null : $pantry->handlingFactor($ingredient, $mistake);
        $right = $pantry->handlingFactor($ingredient, self::handlingFor($ingredient, $method));
        if ($mistake === null || $wrong === null || $right === null) {
            return null;
        }
        $percent = (int) round(100 * ($wrong->mean->toFloat() / $right->mean->toFloat() - 1));

        return new Watch(
            Phrase::of("watch.{$mistake->value}", ['percent' => abs($percent)]), $percent > 0 ? Verdict::Heaped : Verdict::Shy,
        );
    }

    /** @return list<Phrase> */
    private static function cautions(Ingredient $ingredient): array
    {
        $cautions = [];
        if ($ingredient->rawRisk !== 'none') {
            $cautions[] = Phrase::of("caution.{$ingredient->rawRisk}");
        }
        if ($ingredient->allergens !== []) {
            $cautions[] = Phrase::of(
                'caution.allergens',
                ['allergens' => array_map(static fn (string $a): Phrase => Phrase::of("allergen.$a"), $ingredient->allergens)],
            );
        }

        return $cautions;
    }
}
