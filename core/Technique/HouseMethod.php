<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Words\Phrase;

/** The schools: ways of measuring a family on which good cooks disagree. A class settles on one; targets follow it. */
enum HouseMethod: string
{
    case StirSpoonLevel = 'stir-spoon-level';
    case SiftSpoonLevel = 'sift-spoon-level';
    case DipSweep = 'dip-sweep';
    case PackedFirm = 'packed-firm';
    case PackedLight = 'packed-light';

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'method'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such', ['id' => $id]));
    }

    /** The handling whose weight is right when this method is followed. */
    public function handling(): Handling
    {
        return match ($this) {
            self::StirSpoonLevel => Handling::StirredSpooned,
            self::SiftSpoonLevel => Handling::Sifted,
            self::DipSweep => Handling::Dipped,
            self::PackedFirm => Handling::PackedFirm,
            self::PackedLight => Handling::PressedLight,
        };
    }

    public function suits(Family $family): bool
    {
        return in_array($this, self::forFamily($family), true);
    }

    /** @return list<self> the schools of a family, the default first; none where cooks agree */
    public static function forFamily(Family $family): array
    {
        return match ($family) {
            Family::FinePowder => [self::StirSpoonLevel, self::SiftSpoonLevel, self::DipSweep],
            Family::MoistSugar => [self::PackedFirm, self::PackedLight],
            default => [],
        };
    }
}
