<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** A stretch of a line as written, and what it was understood to be. */
final readonly class Piece
{
    public function __construct(public Part $part, public string $text)
    {
    }
}
