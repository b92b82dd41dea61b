<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/** A recipe as pasted, taken apart. */
final readonly class Recipe
{
    /**
     * @param  string|null  $makes  '12 buns', as written
     * @param  list<ReadLine>  $lines  ingredients, headings and notes
     * @param  list<string>  $directions  one step each
     * @param  list<string>  $leftOut  what stood around it on its page
     */
    public function __construct(
        public ?string $title, public ?string $makes, public array $lines, public array $directions, public array $leftOut = [],
    ) {
    }

    /** @return list<ReadLine> without headings */
    public function ingredients(): array
    {
        return array_values(array_filter($this->lines, static fn (ReadLine $line): bool => $line->status !== ReadLine::HEADING));
    }
}
