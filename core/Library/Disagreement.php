<?php

declare(strict_types=1);

namespace Hovik\Core\Library;

use Hovik\Core\Words\Phrase;

/** One thing on which good cooks disagree: what this class does, and what others do. */
final readonly class Disagreement
{
    /** @param  non-empty-list<Phrase>  $others */
    public function __construct(public Phrase $question, public Phrase $ours, public array $others)
    {
    }
}
