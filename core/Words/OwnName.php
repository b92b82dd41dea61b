<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/** Names that no phrasebook has: of foods that a kitchen added itself. Their ids carry them. */
final class OwnName
{
    /** Ids of such foods begin so; the rest is the name. */
    public const PREFIX = 'own-';

    /** `Teff flour`, of `own-teff-flour`. */
    public static function of(string $id): string
    {
        return ucfirst(str_replace('-', ' ', substr($id, strlen(self::PREFIX))));
    }
}
