<?php

declare(strict_types=1);

namespace Hovik\Core\Plan;

use Brick\Math\BigRational;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseRules;

/** Everything one fill could be, from the tools that suit a family. */
final readonly class FittingTools
{
    /** Cups from which the large graduated measures come in. */
    private const GRADUATED_FROM_CUPS = 2;

    public function __construct(private HouseRules $schools)
    {
    }

    /**
     * @param  list<Tool>  $drawer
     * @return list<Fill> of one each
     */
    public function of(Ingredient $ingredient, array $drawer, BigRational $ml, MeasureStandard $standard): array
    {
        $large = $ml->isGreaterThanOrEqualTo($standard->size(Unit::Cup)->multipliedBy(self::GRADUATED_FROM_CUPS));
        $family = $ingredient->family;
        $options = [];
        foreach ($drawer as $tool) {
            $suits = match ($tool->kind) {
                ToolKind::Spoon => true,
                ToolKind::DryCup => match (true) {
                    $family === Family::ViscousLiquid => true,
                    $family->isPoured() => $this->schools->poursIntoDryCups(),
                    $family === Family::LeavenerSpice => $this->schools->leavenersByCup() || $ingredient->kind === Kind::Cupped,
                    default => true,
                },
                ToolKind::LiquidMeasure, ToolKind::SmallLiquidMeasure => $family->isPoured()
                        || ($family === Family::ThickDairyPuree && $this->schools->poursThick()),
                ToolKind::TopReadLiquidMeasure => $family->isPoured() && $this->schools->trustsTopRead($tool->isChecked()),
                ToolKind::GraduatedDryMeasure => $large && ! $family->isPoured(),
                ToolKind::ButterWrapper => $family->comesInSticks(),
                ToolKind::NoveltyScoop, ToolKind::Scale => false,
            };
            if (! $suits) {
                continue;
            }
            if (! $tool->kind->isMarked()) {
                $options[] = new Fill($tool, 1);
            }
            foreach ($tool->marks as $mark) {
                $options[] = new Fill($tool, 1, $mark);
            }
        }

        return $options;
    }
}
