<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Words\Phrase;

/** No usual slip gives this weight. */
final readonly class NoCause extends View
{
    public function __construct(
        public string $said,
        public string $next,
    ) {
    }

    public static function said(): self
    {
        return new self(Said::phrase(Phrase::of('cause.none')), Said::phrase(Phrase::of('cause.none.next')));
    }
}
