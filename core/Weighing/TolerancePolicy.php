<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** What a class counts as Level: its level, its own percentages where it has any, and the least it asks of anyone. */
final readonly class TolerancePolicy
{
    /** g, of small amounts: up to {@see SMALL_ML} by spoons, or up to {@see SMALL_G} weighed out. */
    public const SMALL_FLOOR = 0.2;

    /** g, of everything else. */
    public const FLOOR = 1.0;

    public const SMALL_ML = 20.0;

    public const SMALL_G = 15.0;

    /**
     * @param  array<string, float>  $percents  by family: a class's own, at its level, before strictness
     * @param  float  $smallFloorG  g
     * @param  float  $floorG  g
     */
    private function __construct(public ToleranceLevel $level, public array $percents, public float $smallFloorG, public float $floorG)
    {
    }

    public static function usual(ToleranceLevel $level): self
    {
        return new self($level, [], self::SMALL_FLOOR, self::FLOOR);
    }

    /**
     * @param  array<array-key, mixed>  $percents  by family, above 0 to 50
     *
     * @throws InvalidInput naming the field
     */
    public static function of(ToleranceLevel $level, array $percents, float $smallFloorG, float $floorG): self
    {
        $own = [];
        foreach ($percents as $family => $percent) {
            $isPercent = is_int($percent) || is_float($percent);
            if (Family::tryFrom((string) $family) === null || ! $isPercent || $percent <= 0 || $percent > 50) {
                throw InvalidInput::because("tolerances.percents.$family", Phrase::of('refusal.above-to', ['least' => 0, 'most' => 50]));
            }
            $own[(string) $family] = (float) $percent;
        }
        foreach (['tolerances.small_floor_g' => $smallFloorG, 'tolerances.floor_g' => $floorG] as $field => $grams) {
            if ($grams < 0 || $grams > 10) {
                throw InvalidInput::because($field, Phrase::of('refusal.range', ['least' => 0, 'most' => 10]));
            }
        }

        return new self($level, $own, $smallFloorG, $floorG);
    }

    /** Whether an amount measured by volume is one of the small. */
    public static function isSmallVolume(float $ml): bool
    {
        return $ml <= self::SMALL_ML;
    }

    /** The percentage of a family at this class's level, before strictness. */
    public function percent(Family $family): float
    {
        return $this->percents[$family->value] ?? Tolerance::usualPercent($family, $this->level);
    }

    /** @param  bool  $isSmall  spoons of 20 mL or less, or 15 g or less weighed out; strictness widens the percentage only */
    public function tolerance(Family $family, Strictness $strictness, bool $isSmall): Tolerance
    {
        return Tolerance::of(
            min(100.0, $strictness->factor()->toFloat() * $this->percent($family)), $isSmall ? $this->smallFloorG : $this->floorG,
        );
    }

    /** @return array{percents: array<string, float>, small_floor_g: float, floor_g: float} to be stored, beside the level */
    public function toArray(): array
    {
        return ['percents' => $this->percents, 'small_floor_g' => $this->smallFloorG, 'floor_g' => $this->floorG];
    }

    /** @throws InvalidInput */
    public static function fromArray(ToleranceLevel $level, JsonInput $stored): self
    {
        return self::of($level, $stored->listOrMap('percents'), $stored->number('small_floor_g'), $stored->number('floor_g'));
    }
}
