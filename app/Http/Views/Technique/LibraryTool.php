<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\Practice\PracticeTool;
use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Library\KnownTool;

final readonly class LibraryTool extends View
{
    /**
     * @param  list<PracticeTool>  $sizes
     */
    public function __construct(
        public ToolKind $kind,
        public string $called,
        public string $use,
        public string $mind,
        public bool $owned,
        public array $sizes,
    ) {
    }

    public static function of(KnownTool $known): self
    {
        return new self(
            kind: $known->kind,
            called: Said::phrase($known->called()),
            use: Said::phrase($known->use()),
            mind: Said::phrase($known->mind()),
            owned: $known->owned,
            sizes: array_map(
                static fn (Tool $tool): PracticeTool => new PracticeTool($tool->kind->value, $tool->aboutMl, $tool->nominal),
                $known->sizes,
            ),
        );
    }
}
