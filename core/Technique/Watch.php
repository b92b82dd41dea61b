<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\Phrase;

/** The mistake most worth warning of, and which way it sends the weight. */
final readonly class Watch
{
    public function __construct(public Phrase $phrase, public Verdict $leadsTo)
    {
    }
}
