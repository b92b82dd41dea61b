<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;

final readonly class BoardScale extends View
{
    /**
     * @param  bool  $checked  today, against a known weight
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $checked,
        public bool $passed,
    ) {
    }
}
