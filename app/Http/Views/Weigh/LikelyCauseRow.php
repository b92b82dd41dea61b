<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Diagnosis\KeptCause;
use Hovik\Core\Diagnosis\LikelyCause;

/** One cause as a screen shows it. */
final readonly class LikelyCauseRow extends View
{
    public function __construct(
        public Cause $id,
        public string $said,
        public string $likely,
        public float $p,
        public string $range,
        public string $tell,
        public string $next,
        public bool $guessed,
    ) {
    }

    /** @param  int  $places  decimals of its range */
    public static function of(KeptCause $kept, int $places, ?Cause $guess = null): self
    {
        return new self(
            id: $kept->cause,
            said: Said::phrase($kept->said()),
            likely: Said::phrase(LikelyCause::wordFor($kept->p)),
            p: $kept->p,
            range: Said::phrase(LikelyCause::rangeInWords($kept->lowG, $kept->highG, $places)),
            tell: Said::phrase($kept->cause->tell($kept->isTicked)),
            next: Said::phrase($kept->cause->next()),
            guessed: $guess === $kept->cause,
        );
    }
}
