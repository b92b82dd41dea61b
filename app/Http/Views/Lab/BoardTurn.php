<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

/** Whose turn a line is. */
final readonly class BoardTurn extends View
{
    public function __construct(public int $line, public int $student)
    {
    }

    /**
     * @param  array<int, int>  $turns  student by line
     * @return list<self>
     */
    public static function all(array $turns): array
    {
        return array_map(static fn (int $line, int $student): self => new self($line, $student), array_keys($turns), $turns);
    }
}
