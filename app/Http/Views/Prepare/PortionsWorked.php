<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Recipe\Portions;

final readonly class PortionsWorked extends View
{
    public function __construct(
        public int $portions,
        public ?string $left,
    ) {
    }

    public static function of(Portions $portions): self
    {
        return new self($portions->whole, $portions->left === null ? null : Said::measure($portions->left));
    }
}
