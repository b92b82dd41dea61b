<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use Hovik\Core\Recipe\Part;

final readonly class WrittenPart extends View
{
    public function __construct(
        public Part $part,
        public string $text,
    ) {
    }
}
