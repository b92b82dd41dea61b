<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Library\TechniquePage;
use Hovik\Core\Technique\Step;

final readonly class TechniqueStep extends View
{
    public function __construct(
        public Step $id,
        public string $text,
        public string $why,
        public ?string $care,
    ) {
    }

    public static function of(Step $step, TechniquePage $page): self
    {
        $words = Said::step($step, $page->method, $page->family);
        $care = $page->careAt($step);

        return new self($step, $words['text'], $words['why'], $care === null ? null : Said::phrase($care->caution()));
    }
}
