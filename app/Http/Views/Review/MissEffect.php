<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use Hovik\Core\Components\Effect;
use Hovik\Core\Components\Source;
use Hovik\Core\Pantry\Family;

/** What one bag, tool, scale or hand adds. */
final readonly class MissEffect extends View
{
    /**
     * @param  list<Source>  $of  several where they never come apart
     * @param  Family|null  $family  of a hand
     * @param  float  $grams  at its usual target
     * @param  float  $low_g  95 % sure: from
     * @param  bool  $told  it is surely there
     */
    public function __construct(
        public array $of, public string $name, public ?Family $family, public float $grams, public float $low_g, public float $high_g,
        public float $pct, public float $target_g, public int $n, public bool $told,
    ) {
    }

    public static function of(Effect $one, string $name): self
    {
        [$low, $high] = $one->gramsInterval();

        return new self(
            $one->sources, $name, in_array(Source::Student, $one->sources, true) ? Family::tryFrom($one->family) : null, $one->grams(),
            $low, $high, $one->percent(), $one->targetG, $one->n, $one->isTold(),
        );
    }
}
