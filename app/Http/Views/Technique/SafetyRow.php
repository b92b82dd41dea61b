<?php

declare(strict_types=1);

namespace App\Http\Views\Technique;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Safety\SafetyPoint;
use Hovik\Core\Words\Phrase;

final readonly class SafetyRow extends View
{
    public function __construct(
        public SafetyPoint $id,
        public string $name,
        public string $care,
        public string $why,
    ) {
    }

    public static function of(SafetyPoint $point): self
    {
        return new self(
            $point, Said::phrase($point->named()), Said::phrase($point->caution()),
            Said::phrase(Phrase::of("safety.$point->value.why")),
        );
    }
}
