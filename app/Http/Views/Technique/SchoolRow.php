<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Library\Disagreement;

final readonly class SchoolRow extends View
{
    /**
     * @param  string  $ours  in the middle of a sentence
     * @param  list<string>  $others  in the middle of a sentence
     */
    public function __construct(
        public string $question,
        public string $ours,
        public array $others,
    ) {
    }

    public static function of(Disagreement $one): self
    {
        return new self(Said::phrase($one->question), Said::inside($one->ours), array_map(Said::inside(...), $one->others));
    }
}
