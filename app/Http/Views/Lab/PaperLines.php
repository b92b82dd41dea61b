<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Labs\ScalesFit;
use App\Models\Lab;

final readonly class PaperLines extends View
{
    /**
     * @param  list<PaperLine>  $lines
     */
    public function __construct(
        public array $lines,
    ) {
    }

    public static function of(Lab $lab): self
    {
        $fitness = ScalesFit::of($lab);

        return new self(array_map(
            static fn (int $line): PaperLine => new PaperLine($line, ScalesFit::fit($fitness[$line]), ScalesFit::best($fitness[$line])),
            array_keys($fitness),
        ));
    }
}
