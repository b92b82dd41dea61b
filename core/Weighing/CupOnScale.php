<?php

declare(strict_types=1);

namespace Hovik\Core\Weighing;

use Hovik\Core\Drawer\Scale;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Words\Phrase;

/**
 * One cup weighed with the food in it (the craft's page, section 3): the empty cup is set to zero first, or weighed first, so that the
 * verdict comes while the food is still in its cup.
 */
final readonly class CupOnScale
{
    public const MOST = 12;

    /**
     * @param  float  $fullG  what the scale shows with the full cup, g
     * @param  float|null  $emptyG  the same cup before it was filled, g; null where the scale was set to zero with it
     */
    public function __construct(public float $fullG, public ?float $emptyG = null)
    {
    }

    /**
     * g of food in it: two rounded displays, as with a tare.
     *
     * @throws InvalidInput naming `full_g` or `empty_g` under the field
     */
    public function grams(Scale $scale, string $field): float
    {
        ScaleReading::fromDisplay($this->fullG, $scale, "$field.full_g");
        if ($this->emptyG === null) {
            return $this->fullG;
        }
        ScaleReading::fromDisplay($this->emptyG, $scale, "$field.empty_g");
        if ($this->emptyG >= $this->fullG) {
            throw InvalidInput::because("$field.empty_g", Phrase::of('reading.empty-heavier'));
        }

        return round($this->fullG - $this->emptyG, 6);
    }

    /**
     * What stayed in the cup after it was emptied, g: never under zero, since a scale's last digit wavers.
     *
     * @param  float  $emptiedG  what the scale shows with the emptied cup, as it was set to zero, or not, when it was full
     *
     * @throws InvalidInput where it shows as much as the full cup
     */
    public function leftG(float $emptiedG, string $field): float
    {
        if (! is_finite($emptiedG) || $emptiedG >= $this->fullG) {
            throw InvalidInput::because($field, Phrase::of('reading.emptied-heavier'));
        }

        return max(0.0, round($emptiedG - ($this->emptyG ?? 0.0), 6));
    }

    /**
     * What to say of an emptied cup: how much stayed, and its share of what was measured.
     *
     * @throws InvalidInput naming the field
     */
    public function saysLeft(float $emptiedG, int $decimals, string $field): Phrase
    {
        $left = $this->leftG($emptiedG, $field);
        $food = $this->fullG - ($this->emptyG ?? 0.0);

        return $left === 0.0 ? Phrase::of('cup.left-none') : Phrase::of(
            'cup.left', ['grams' => round($left, $decimals), 'percent' => round(100 * $left / $food, 1)],
        );
    }

    /** @return array{full_g: float, empty_g: float|null} to be stored */
    public function toArray(): array
    {
        return ['full_g' => $this->fullG, 'empty_g' => $this->emptyG];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return new self($stored->number('full_g'), $stored->numberOr('empty_g', null));
    }
}
