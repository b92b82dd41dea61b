<?php

declare(strict_types=1);

namespace Hovik\Core\Components;

use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;

/** One weighing, with all that may have had a part in it. Ids are whatever the one who asks calls things. */
final readonly class Weighed
{
    /**
     * @param  string  $family  a student's hand is one for each family of foods
     * @param  float  $grams  of one measure
     * @param  float  $targetG  what good technique would give
     *
     * @throws InvalidInput when a weight is not above 0
     */
    public function __construct(
        public string $food, public string $family, public string $bag, public string $tool, public string $scale, public string $student,
        public float $grams, public float $targetG,
    ) {
        foreach (['grams' => $grams, 'target_g' => $targetG] as $field => $value) {
            if (! is_finite($value) || $value <= 0) {
                throw InvalidInput::because($field, Phrase::of('refusal.above-zero'));
            }
        }
    }

    /** How much of its target it is, on the scale on which shares add up. */
    public function share(): float
    {
        return log($this->grams / $this->targetG);
    }
}
