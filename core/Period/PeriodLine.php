<?php

declare(strict_types=1);

namespace Hovik\Core\Period;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Words\Phrase;

/** What every station does with one ingredient: measure it, then weigh it. */
final readonly class PeriodLine
{
    /** s to weigh anything (the craft's page, section 11). */
    public const WEIGH_S = 30;

    private const LONGEST_S = 3600;

    /**
     * @param  list<string>  $needs  resources held while measuring
     * @param  list<string>  $weighNeeds  resources held while weighing
     * @param  int  $measureS  s, 1 to 3600
     * @param  int  $weighS  s, 0 to 3600; 0: not weighed
     *
     * @throws InvalidInput naming the field
     */
    public function __construct(
        public string $id, public Family $family, public array $needs, public array $weighNeeds, public int $measureS,
        public int $weighS = self::WEIGH_S, string $path = '',
    ) {
        if ($measureS < 1 || $measureS > self::LONGEST_S) {
            throw InvalidInput::because($path.'seconds_measure', Phrase::of('refusal.range', ['least' => 1, 'most' => self::LONGEST_S]));
        }
        if ($weighS < 0 || $weighS > self::LONGEST_S) {
            throw InvalidInput::because($path.'seconds_weigh', Phrase::of('refusal.range', ['least' => 0, 'most' => self::LONGEST_S]));
        }
    }

    /** s to measure it, by family (the craft's page, section 11). */
    public static function usualMeasureS(Family $family): int
    {
        return match ($family) {
            Family::MoistSugar, Family::SolidFat, Family::NutButter, Family::ThickDairyPuree, Family::ViscousLiquid => 120,
            Family::ThinLiquid, Family::Oil => 75,
            Family::LeavenerSpice => 45,
            Family::Counted => 40,
            default => 90,
        };
    }

    public function seconds(): int
    {
        return $this->measureS + $this->weighS;
    }

    /** Wet food soils a shared tool: what is dry goes before it. */
    public function isWet(): bool
    {
        return match ($this->family) {
            Family::ThinLiquid, Family::Oil, Family::ViscousLiquid, Family::ThickDairyPuree, Family::NutButter, Family::SolidFat,
            Family::Counted => true,
            default => false,
        };
    }
}
