<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;

/** A line on a tool, as lettered. */
final readonly class ToolMark extends View
{
    /** @param  bool  $worn  it cannot be read any more, so nothing is planned to it */
    public function __construct(public string $text, public bool $worn)
    {
    }
}
