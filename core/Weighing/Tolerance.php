<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/**
 * How far from the target is still Level: a percentage of it, but never less than a floor in grams. Both are policy;
 * neither depends on the scale, whose doubt is judged apart.
 */
final readonly class Tolerance
{
    private function __construct(public float $percent, public float $floorG)
    {
    }

    /**
     * @param  float  $percent  of the target, above 0 to 100
     * @param  float  $floorG  g, 0 or more
     *
     * @throws InvalidInput
     */
    public static function of(float $percent, float $floorG = 0.0): self
    {
        if (! is_finite($percent) || $percent <= 0 || $percent > 100) {
            throw InvalidInput::because('tolerance_pct', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 100]));
        }
        if (! is_finite($floorG) || $floorG < 0 || $floorG > 1000) {
            throw InvalidInput::because('tolerance_floor_g', Phrase::of('refusal.range', ['least' => 0, 'most' => 1000]));
        }

        return new self($percent, $floorG);
    }

    /** @return array{percent: float, floor_g: float} to be stored */
    public function toArray(): array
    {
        return ['percent' => $this->percent, 'floor_g' => $this->floorG];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return self::of($stored->number('percent'), $stored->number('floor_g'));
    }

    /** The defaults of the craft, Getting started / Practised / Exacting by family: per cent, before strictness. */
    public static function usualPercent(Family $family, ToleranceLevel $level): float
    {
        $byLevel = match ($family) {
            Family::FinePowder, Family::MoistSugar => [12, 8, 5],
            Family::GranularSugar, Family::SolidFat, Family::NutButter, Family::ThinLiquid, Family::Oil,
            Family::ThickDairyPuree => [8, 5, 3],
            Family::ViscousLiquid => [10, 6, 4],
            Family::LeavenerSpice => [20, 12, 8],
            Family::CoarseGrain, Family::Pieces => [15, 10, 6],
            Family::Shredded, Family::WholeIrregular => [20, 12, 8],
            Family::Counted => [10, 8, 5],
        };

        return (float) $byLevel[array_search($level, ToleranceLevel::cases(), true)];
    }

    /** As a class without settings of its own has it, of an amount that is not small. */
    public static function usual(Family $family, ToleranceLevel $level, Strictness $strictness): self
    {
        return TolerancePolicy::usual($level)->tolerance($family, $strictness, false);
    }

    /** g, by the percentage alone */
    public function byPercent(float $targetG): float
    {
        return $targetG * $this->percent / 100;
    }

    /** T, g */
    public function inGrams(float $targetG): float
    {
        return max($this->byPercent($targetG), $this->floorG);
    }

    public function isDecidedByFloor(float $targetG): bool
    {
        return $this->floorG > $this->byPercent($targetG);
    }
}
