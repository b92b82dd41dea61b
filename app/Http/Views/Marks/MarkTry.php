<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use Hovik\Core\Marks\TryEvidence;
use Hovik\Core\Quantity\ShownGrams;

/** One weighing behind a mark. */
final readonly class MarkTry extends View
{
    /**
     * @param  'level'|'heaped'|'shy'|'too-close'  $verdict
     * @param  int  $off_pct  % of the tolerance; 0: Level, or too close to tell
     * @param  float|null  $known_g  what bag and tool are known to add, g: not counted
     */
    public function __construct(
        public string $verdict,
        public float $grams,
        public int $decimals,
        public int $off_pct,
        public bool $coached,
        public ?float $known_g,
    ) {
    }

    public static function of(TryEvidence $try): self
    {
        return new self(
            $try->verdict->value, $try->grams, ShownGrams::of($try->grams)->getScale(), $try->offPct(), $try->isCoached, $try->knownG(),
        );
    }
}
