<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Words\Phrase;

/** What comes after the measuring by a recipe's own words: 'flour, sifted' is measured, then sifted. It never changes the amount. */
final class ThenSteps
{
    /** Handlings that are done to what was measured; words: `then.HANDLING`. How a tool is filled is none, nor what is done ahead. */
    private const LATER = [
        'sifted', 'melted', 'chopped', 'diced', 'minced', 'grated', 'shredded', 'sliced', 'crushed', 'ground', 'mashed', 'pureed', 'beaten',
        'whisked', 'whipped', 'toasted', 'roasted', 'browned', 'cooled', 'drained', 'rinsed', 'peeled', 'cored', 'pitted', 'seeded',
        'cubed', 'halved', 'quartered', 'crumbled', 'dissolved', 'strained', 'squeezed', 'cut', 'broken', 'separated', 'zested',
    ];

    /**
     * @param  list<string>  $after
     * @return list<Phrase>
     */
    public static function of(array $after): array
    {
        return array_values(array_map(
            static fn (string $word): Phrase => Phrase::of("then.$word"), array_unique(array_intersect($after, self::LATER)),
        ));
    }
}
