<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Practice\Choice;

final readonly class PracticeChoice extends View
{
    public function __construct(
        public string $id,
        public string $said,
        public ?PracticeTool $tool,
    ) {
    }

    public static function of(Choice $choice): self
    {
        return new self($choice->id, Said::phrase($choice->said), PracticeTool::of($choice->figure));
    }
}
