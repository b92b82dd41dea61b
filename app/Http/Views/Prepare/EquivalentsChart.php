<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Models\Section;
use Hovik\Core\Quantity\Equivalents;
use Hovik\Core\Quantity\MeasureStandard;

final readonly class EquivalentsChart extends View
{
    /**
     * @param  list<EquivalentRow>  $rows
     */
    public function __construct(
        public string $section,
        public MeasureStandard $standard,
        public array $rows,
    ) {
    }

    public static function of(Section $section): self
    {
        return new self($section->name, $section->standard, array_map(EquivalentRow::of(...), Equivalents::of($section->standard)));
    }
}
