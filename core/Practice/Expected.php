<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\InvalidInput;

/** What is accepted as right, and how the answer is given. */
interface Expected
{
    /** How it is answered: `choice`, `order`, `number`, `tools`, `words` or `keys`. */
    public function kind(): string;

    /**
     * @param  mixed  $answer  as it comes from a screen or the shell
     *
     * @throws InvalidInput when it is no answer at all
     */
    public function mark(mixed $answer): Marked;

    /** @return non-empty-list<mixed> right answers, as they would be given; where there are many, some of them */
    public function key(): array;
}
