<?php

declare(strict_types=1);

namespace App\Http\Views\Words;

use App\Http\Views\View;
use Hovik\Core\Words\WordingKind;

/** A phrase that a kitchen may say in its own words. */
final readonly class Wording extends View
{
    /**
     * @param  string  $seeded  as the application says it; what is filled in stands in braces
     * @param  string|null  $own  as this kitchen says it
     * @param  int  $longest  characters at most
     */
    public function __construct(
        public string $id,
        public WordingKind $kind,
        public string $seeded,
        public ?string $own,
        public int $longest,
    ) {
    }
}
