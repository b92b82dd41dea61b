<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** What a size of a recipe means once it becomes a lab: all that the class makes, or what each station makes. */
enum Sharing: string
{
    case ForTheClass = 'class';
    case AtEachStation = 'station';

    /**
     * @param  int  $stations  1 or more
     */
    public function each(Factor $factor, int $stations): Factor
    {
        return $this === self::AtEachStation ? $factor : Factor::of($factor->number->dividedBy($stations));
    }

    /**
     * @param  int  $stations  1 or more
     *
     * @throws \Hovik\Core\InvalidInput when that is beyond any kitchen
     */
    public function all(Factor $factor, int $stations): Factor
    {
        return $this === self::ForTheClass ? $factor : Factor::of($factor->number->multipliedBy($stations));
    }
}
