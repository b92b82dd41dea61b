<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;
use Hovik\Core\Pantry\Family;

/** What a food of a family usually weighs, a US cup or a piece of it: to begin with where nobody has weighed it. */
final readonly class UsualWeight extends View
{
    public function __construct(public Family $family, public float $grams)
    {
    }
}
