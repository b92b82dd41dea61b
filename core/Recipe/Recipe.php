<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** A recipe as pasted, taken apart: nothing of the text is left out. */
final readonly class Recipe
{
    /**
     * @param  string|null  $makes  '12 buns', as written
     * @param  list<ReadLine>  $lines  ingredients and headings
     * @param  list<string>  $directions  one step each
     */
    public function __construct(public ?string $title, public ?string $makes, public array $lines, public array $directions)
    {
    }

    /** @return list<ReadLine> without headings */
    public function ingredients(): array
    {
        return array_values(array_filter($this->lines, static fn (ReadLine $line): bool => $line->status !== ReadLine::HEADING));
    }
}
