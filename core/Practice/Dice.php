<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Seeded choices for makers. */
final class Dice
{
    private readonly Randomizer $source;

    public function __construct(int $seed)
    {
        $this->source = new Randomizer(new Xoshiro256StarStar($seed));
    }

    public function between(int $least, int $most): int
    {
        return $this->source->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $from
     * @return T
     */
    public function pick(array $from): mixed
    {
        return $from[$this->between(0, count($from) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @return list<T>
     */
    public function shuffled(array $all): array
    {
        return $this->source->shuffleArray($all);
    }

    /**
     * Some of them, each once.
     *
     * @template T
     *
     * @param  list<T>  $from
     * @return list<T>
     */
    public function some(array $from, int $count): array
    {
        return array_slice($this->shuffled($from), 0, $count);
    }
}
