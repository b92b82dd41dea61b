<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use Hovik\Core\Weighing\Strictness;

final readonly class CarefulItem extends View
{
    /** @param  float|null  $percent  the tolerance at which careful work is Level often enough */
    public function __construct(public int $item, public Strictness $strictness, public ?float $percent)
    {
    }
}
