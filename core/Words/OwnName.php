<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/** Names that no phrasebook has: of foods that a kitchen added itself, in any letters. Their ids carry them, to the letter. */
final class OwnName
{
    /** Ids of such foods begin so; the rest is the name. */
    public const PREFIX = 'own-';

    /** What an id has instead of a sign of the name. */
    private const SIGNS = ['-' => '~', ' ' => '-'];

    /** `own-teff-flour`, of `Teff flour`. */
    public static function id(string $name): string
    {
        $plain = trim((string) preg_replace('~\s+~u', ' ', $name));

        return self::PREFIX.strtr(mb_strtolower(mb_substr($plain, 0, 1)).mb_substr($plain, 1), self::SIGNS);
    }

    /** `Teff flour`, of `own-teff-flour`. */
    public static function of(string $id): string
    {
        $name = strtr(substr($id, strlen(self::PREFIX)), array_flip(self::SIGNS));

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }
}
