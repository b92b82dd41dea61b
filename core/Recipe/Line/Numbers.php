<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Brick\Math\BigRational;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\NameFinder;
use Hovik\Core\Recipe\NumberWords;
use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\UnitWords;

/** Numbers before a unit, a size or a thing that is counted. */
final readonly class Numbers
{
    public function __construct(private UnitWords $units, private NameFinder $names, private Pantry $pantry)
    {
    }

    /**
     * A number, in figures or in words.
     *
     * @return array{BigRational, int}|null the number, and the position behind it
     */
    public function at(Reading $r, int $at): ?array
    {
        return NumberWords::at(
            $r, $at,
            fn (int $behind): bool => $this->units->at($r, $behind) !== null || $this->units->measureAt($r, $behind) !== null
                || isset($r->words->sizes[$r->word($behind)]) || $this->isPiece($r, $behind),
        );
    }

    public function isFood(Reading $r, int $at): bool
    {
        return $this->names->find(array_slice($r->tokens, $at, 1, true)) !== null;
    }

    /** @return array{BigRational, int}|null a part of one, in words */
    public function fraction(Reading $r, int $at): ?array
    {
        return NumberWords::wordFraction($r, $at);
    }

    /** 'an egg', 'a ripe banana' */
    private function isPiece(Reading $r, int $at): bool
    {
        while ($r->words->isPlain($r->word($at))) {
            $at++;
        }
        $match = $this->names->find(array_slice($r->tokens, $at, 2, true));

        return $match !== null && $match->from === $at && $this->pantry->ingredient($match->ingredient)->gramsPerPiece !== null;
    }
}
