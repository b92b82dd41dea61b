<?php

declare(strict_types=1);

namespace App\Http\Views\Weigh;

use App\Http\Views\View;
use Hovik\Core\Quantity\ShownGrams;
use Hovik\Core\Weighing\EqualPortions;
use Hovik\Core\Weighing\Judgement;

final readonly class PortionsWeighed extends View
{
    /**
     * @param  list<PortionWeighed>  $pieces  in the order weighed
     * @param  float|null  $rest_g  for each piece that is not weighed yet
     */
    public function __construct(
        public float $each_g,
        public int $decimals,
        public float $low_g,
        public float $high_g,
        public int $band_decimals,
        public array $pieces,
        public ?float $rest_g,
        public int $rest_decimals,
    ) {
    }

    public static function of(EqualPortions $portions): self
    {
        [$low, $high] = $portions->each->band();

        return new self(
            $portions->each->grams, $portions->each->decimals(), $low, $high, $portions->each->toleranceDecimals(),
            array_map(
                static fn (Judgement $one): PortionWeighed => new PortionWeighed($one->reading->grams, $one->verdict), $portions->pieces,
            ),
            $portions->restG, $portions->restG === null ? 0 : ShownGrams::of($portions->restG)->getScale(),
        );
    }
}
