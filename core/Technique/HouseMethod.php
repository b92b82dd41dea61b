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
    case LooseFill = 'loose-fill';

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
            self::LooseFill => Handling::Loose,
        };
    }

    public function suits(Family $family): bool
    {
        return in_array($this, [...self::forFamily($family), ...self::degrees($family)], true);
    }

    /** @return list<self> how full a recipe's own words may ask a family's tool to be */
    public static function degrees(Family $family): array
    {
        return match ($family) {
            Family::MoistSugar, Family::Shredded, Family::Pieces => [self::PackedFirm, self::PackedLight, self::LooseFill],
            default => [],
        };
    }

    /** The degree that a recipe's word names: 'packed', 'lightly packed', 'loosely packed'. */
    public static function ofWord(string $word): ?self
    {
        return match ($word) {
            'packed' => self::PackedFirm,
            'lightly packed' => self::PackedLight,
            'loosely packed' => self::LooseFill,
            default => null,
        };
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
