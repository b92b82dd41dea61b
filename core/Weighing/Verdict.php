<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

/** What a weighing says against its target. */
enum Verdict: string
{
    case Level = 'level';
    case Heaped = 'heaped';
    case Shy = 'shy';
    /** The band's edge lies within the scale's own doubt. */
    case TooClose = 'too-close';
}
