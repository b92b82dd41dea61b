<?php

declare(strict_types=1);

namespace App\Http\Views\Pantry;

use App\Http\Views\View;

final readonly class NamedFood extends View
{
    /** @param  list<string>  $also  what else it is called, in every language */
    public function __construct(public string $id, public string $name, public array $also)
    {
    }
}
