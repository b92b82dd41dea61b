<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Words\Phrase;

/** An answer, looked at. */
final readonly class Marked
{
    public function __construct(public bool $isRight, public ?string $misconception = null)
    {
    }

    /** What somebody who answers so believes, and what is so instead; null where nothing special. */
    public function because(): ?Phrase
    {
        return $this->misconception === null ? null : Phrase::of("miss.{$this->misconception}");
    }
}
