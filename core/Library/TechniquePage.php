<?php

declare(strict_types=1);

namespace Hovik\Core\Library;

use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Dimension;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Safety\LabSafety;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Simulator\Simulator;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\ToleranceLevel;
use Hovik\Core\Weighing\TolerancePolicy;
use Hovik\Core\Words\Phrase;

/** A page of the technique library: how a family is measured the class's way, shown on one of its foods. */
final readonly class TechniquePage
{
    /** The food that stands for its family. */
    private const SHOWN_ON = [
        'fine-powder' => 'all-purpose-flour', 'granular-sugar' => 'granulated-sugar', 'moist-sugar' => 'light-brown-sugar',
        'leavener-spice' => 'baking-powder', 'coarse-grain' => 'rolled-oats',
        'pieces' => 'chocolate-chips', 'shredded' => 'soft-cheese-shredded', 'solid-fat' => 'butter',
        'nut-butter' => 'peanut-butter', 'thin-liquid' => 'whole-milk', 'oil' => 'vegetable-oil',
        'viscous-liquid' => 'honey', 'thick-dairy-puree' => 'yogurt-plain', 'counted' => 'egg-large', 'whole-irregular' => 'banana',
    ];

    /** Questions of {@see HouseRules} that concern a family. */
    private const QUESTIONS = [
        'levelling' => [
            Family::FinePowder, Family::GranularSugar, Family::MoistSugar, Family::LeavenerSpice, Family::CoarseGrain,
            Family::SolidFat,
        ],
        'lumpy-powders' => [Family::FinePowder],
        'weigh-above' => [Family::FinePowder, Family::GranularSugar, Family::CoarseGrain],
        'leaveners' => [Family::LeavenerSpice],
        'liquids-in-dry-cups' => [Family::ThinLiquid, Family::Oil],
        'top-read' => [Family::ThinLiquid, Family::Oil],
        'small-liquids' => [Family::ThinLiquid, Family::Oil],
        'thick-pourables' => [Family::ThickDairyPuree],
    ];

    /**
     * @param  ToolKind|null  $tool  null: counted, or straight onto the scale
     * @param  list<Step>  $steps  in order
     * @param  Amount|null  $amount  of which the mistakes are weighed; null where nothing is measured
     * @param  Target|null  $target  of that amount
     * @param  list<Mistake>  $mistakes
     * @param  list<Disagreement>  $schools
     * @param  list<SafetyPoint>  $safety  that come with the food rather than a step
     * @param  list<string>  $foods  ingredient ids of the family
     */
    private function __construct(
        public Family $family, public Ingredient $example, public ?HouseMethod $method, public ?ToolKind $tool, public array $steps,
        public ?Amount $amount, public ?Target $target, public array $mistakes, public array $schools, public array $safety,
        public array $foods,
    ) {
    }

    public static function of(Family $family, Pantry $pantry, HouseRules $schools, MeasureStandard $standard, ToleranceLevel $level): self
    {
        $example = $pantry->ingredient(self::SHOWN_ON[$family->value]);
        $method = TechniqueCatalogue::methodFor($example, $schools->methodFor($example));
        $tool = match ($family) {
            Family::Counted, Family::WholeIrregular => null,
            Family::ThinLiquid, Family::Oil => ToolKind::LiquidMeasure,
            Family::LeavenerSpice => ToolKind::Spoon,
            default => ToolKind::DryCup,
        };
        $steps = TechniqueCatalogue::for($example, $method, $tool, $pantry)->levelledAs($schools, $example->family)->steps;
        $amount = match (true) {
            $tool === null => null,
            $tool === ToolKind::Spoon => Amount::of('1', Unit::Teaspoon),
            default => Amount::of('1', Unit::Cup),
        };
        [$target, $mistakes] = $amount === null ? [null, []] : self::weighed($example, $amount, $method, $pantry, $standard, $level);
        $foods = array_values(array_filter($pantry->ids(), static fn (string $id): bool => $pantry->ingredient($id)->family === $family));

        return new self(
            $family, $example, $method, $tool, $steps, $amount, $target, $mistakes, self::disagreements($family, $example, $schools),
            LabSafety::ofFood($example), $foods,
        );
    }

    /** The point to mind at one of its steps. */
    public function careAt(Step $step): ?SafetyPoint
    {
        return SafetyPoint::atStep($step, $this->family);
    }

    /** @return array{Target, list<Mistake>} */
    private static function weighed(
        Ingredient $example, Amount $amount, ?HouseMethod $method, Pantry $pantry, MeasureStandard $standard,
        ToleranceLevel $level,
    ): array {
        $handling = TechniqueCatalogue::handlingFor($example, $method);
        $grams = Conversion::toGrams($amount, $example, $standard, $pantry, $handling)->exact->toFloat();
        $isSmall = $amount->unit->dimension() === Dimension::Volume
            && TolerancePolicy::isSmallVolume($amount->inBase($standard)->toFloat());
        $target = Target::of($grams, TolerancePolicy::usual($level)->tolerance($example->family, Strictness::Structural, $isSmall));

        return [
            $target,
            Mistakes::of(
                new Simulator($pantry, $example, $amount, $standard, $level), $target, $handling === Handling::Sifted,
                $handling === Handling::PackedFirm,
            ),
        ];
    }

    /** @return list<Disagreement> */
    private static function disagreements(Family $family, Ingredient $example, HouseRules $schools): array
    {
        $found = [];
        $methods = HouseMethod::forFamily($family);
        if ($methods !== []) {
            $ours = TechniqueCatalogue::methodFor($example, $schools->methodFor($example));
            $found[] = self::told(
                Phrase::of("library.method.$family->value"),
                array_map(static fn (HouseMethod $one): Phrase => Phrase::of("method.$one->value"), $methods),
                (int) array_search($ours, $methods, true),
            );
        }
        foreach (self::QUESTIONS as $question => $families) {
            if (in_array($family, $families, true)) {
                $answers = HouseRules::QUESTIONS[$question];
                $found[] = self::told(
                    Phrase::of("school.$question"),
                    array_map(static fn (string $one): Phrase => Phrase::of("school.$question.$one"), $answers),
                    (int) array_search($schools->answer($question), $answers, true),
                );
            }
        }

        return $found;
    }

    /** @param  list<Phrase>  $ways */
    private static function told(Phrase $question, array $ways, int $ours): Disagreement
    {
        $others = $ways;
        array_splice($others, $ours, 1);
        assert($others !== []);

        return new Disagreement($question, $ways[$ours], $others);
    }
}
