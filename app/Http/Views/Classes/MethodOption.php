<?php

declare(strict_types=1);

namespace App\Http\Views\Classes;

use App\Http\Views\View;
use Hovik\Core\Technique\HouseMethod;

final readonly class MethodOption extends View
{
    public function __construct(
        public HouseMethod $id,
        public string $name,
        public string $effect,
        public bool $chosen,
    ) {
    }
}
