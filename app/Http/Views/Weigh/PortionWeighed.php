<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Weighing\Verdict;

/** A piece of a batch on the scale: 'heaped' is too heavy, 'shy' too light. */
final readonly class PortionWeighed extends View
{
    public function __construct(public float $grams, public Verdict $verdict)
    {
    }
}
