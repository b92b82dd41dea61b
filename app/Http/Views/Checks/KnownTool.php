<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use App\Models\NamedTool;

/** A certain tool, by name. */
final readonly class KnownTool extends View
{
    public function __construct(public string $kind_id, public string $name, public ?string $place)
    {
    }

    public static function of(NamedTool $tool): self
    {
        return new self($tool->catalogue_id, $tool->name, $tool->place);
    }
}
