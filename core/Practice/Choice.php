<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Words\Phrase;

/** One thing to choose. What is wrong stands for a mistake that people really make, and says so. */
final readonly class Choice
{
    /**
     * @param  string|null  $misconception  what somebody who chooses it believes (`miss.ID`); null where it is right
     * @param  array<string, mixed>  $figure  for drawing it
     */
    public function __construct(public string $id, public Phrase $said, public ?string $misconception = null, public array $figure = [])
    {
    }
}
