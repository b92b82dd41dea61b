<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;

/** How much of all spread comes from a source, or from several that never come apart. */
final readonly class MissShare extends View
{
    /** @param  list<string>  $of  bag, tool, scale, student; chance */
    public function __construct(public array $of, public float $pct)
    {
    }
}
