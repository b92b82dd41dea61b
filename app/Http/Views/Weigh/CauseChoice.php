<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Diagnosis\Cause;

final readonly class CauseChoice extends View
{
    /**
     * @param  string  $named  in the middle of a sentence
     */
    public function __construct(
        public Cause $id,
        public string $said,
        public string $named,
        public string $tell,
    ) {
    }

    public static function of(Cause $cause): self
    {
        return new self($cause, Said::phrase($cause->said()), Said::inside($cause->said()), Said::phrase($cause->tell()));
    }
}
