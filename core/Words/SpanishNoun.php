<?php

declare(strict_types=1);

namespace Hovik\Core\Words;

/** How Spanish words that go with a food's name end: by the name's first word, which is its noun. */
final class SpanishNoun
{
    /** Feminine without saying so by their ending. */
    private const FEMININE = ['leche', 'sal', 'miel', 'nuez', 'col', 'crème'];

    private const FEMININE_PLURAL = ['nueces'];

    /** @return 'f'|'fp'|'m'|'mp' */
    public static function agreement(string $name): string
    {
        $noun = mb_strtolower(explode(' ', trim($name))[0]);
        $isPlural = str_ends_with($noun, 's');
        $isFeminine = in_array($noun, [...self::FEMININE, ...self::FEMININE_PLURAL], true) || preg_match('/as?$/', $noun) === 1;

        return ($isFeminine ? 'f' : 'm').($isPlural ? 'p' : '');
    }
}
