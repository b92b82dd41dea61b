<?php

declare(strict_types=1);

namespace Hovik\Core\Pantry;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** How an ingredient got into the tool. Its weight there, against the reference, is a {@see HandlingFactor}. */
enum Handling: string
{
    case Sifted = 'sifted';
    case StirredSpooned = 'stirred-spooned';
    case Spooned = 'spooned';
    case Dipped = 'dipped';
    case DippedCompactedBin = 'dipped-compacted-bin';
    case Tapped = 'tapped';
    case PressedLight = 'pressed-light';
    case PackedFirm = 'packed-firm';
    case PressedIntoTool = 'pressed-into-tool';
    case Loose = 'loose';
    case Poured = 'poured';
    case AirPockets = 'air-pockets';
    case Lumpy = 'lumpy';
    /** The reference of counted foods: no tool, no factor. */
    case Counted = 'counted';

    /** @throws InvalidInput */
    public static function named(string $id, string $field = 'handling'): self
    {
        return self::tryFrom($id) ?? throw InvalidInput::because($field, Phrase::of('refusal.no-such', ['id' => $id]));
    }
}
