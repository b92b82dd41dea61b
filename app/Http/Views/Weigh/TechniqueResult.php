<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\Verdict;

final readonly class TechniqueResult extends View
{
    public function __construct(
        public float $expected_g,
        public float $error_g,
        public float $error_pct,
        public Verdict $verdict,
    ) {
    }

    public static function of(Judgement $judged): ?self
    {
        $technique = $judged->technique;

        return $technique === null ? null : new self($technique->expectedG, $technique->errorG, $technique->errorPct, $technique->verdict);
    }
}
