<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Library\Mistake;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Verdict;

final readonly class MistakeRow extends View
{
    public function __construct(
        public Cause $cause,
        public string $said,
        public string $tell,
        public string $grams,
        public string $error,
        public Verdict $verdict,
        public float $tolerances,
    ) {
    }

    public static function of(Mistake $mistake, Target $target): self
    {
        return new self(
            cause: $mistake->cause,
            said: Said::phrase($mistake->cause->said()),
            tell: Said::phrase($mistake->cause->tell()),
            grams: (string) ShownGrams::of($mistake->grams),
            error: (string) $mistake->shownError($target),
            verdict: $mistake->leadsTo,
            tolerances: $mistake->tolerances,
        );
    }
}
