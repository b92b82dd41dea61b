<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Words\Phrase;

/** How much of a recipe: exact, above 0, at most 1000. */
final readonly class Factor
{
    private const MOST = 1000;

    /** Sizes a class is likely to want, from x 1/6 to x 200; any other is typed. */
    private const STEPS = [
        '1/6', '1/4', '1/3', '1/2', '2/3', '3/4', '1', '1 1/2', '2', '3', '4', '5', '6', '8', '10', '12', '15', '20',
        '30', '50', '100', '200',
    ];

    /** Letters of the number in lowest terms. */
    private const LONGEST = 20;

    private function __construct(public BigRational $number)
    {
    }

    /** @throws InvalidInput when it is no number above zero, or beyond any kitchen */
    public static function of(BigRational|string $number): self
    {
        $number = is_string($number) ? KitchenNotation::read($number, 'factor') : $number->simplified();
        // What is longer no cook writes, and no page holds.
        if (strlen(KitchenNotation::write($number)) > self::LONGEST) {
            throw InvalidInput::because('factor', Phrase::of('refusal.factor-too-long'));
        }
        if (! $number->isPositive() || $number->isGreaterThan(self::MOST)) {
            throw InvalidInput::because('factor', Phrase::of('refusal.above-to', ['least' => 0, 'most' => 1000]));
        }

        return new self($number);
    }

    /**
     * The factor that uses up what is there of one line's ingredient.
     *
     * @param  float  $grams  above 0, to 1 000 000
     *
     * @throws InvalidInput
     */
    public static function toUseUp(SettledLine $line, float $grams, MeasureStandard $standard, Pantry $pantry): self
    {
        if (! is_finite($grams) || $grams <= 0 || $grams > 1_000_000) {
            throw InvalidInput::because('grams', Phrase::of('refusal.say-grams'));
        }
        $one = Conversion::toGrams(
            $line->amount, $line->ingredient, $standard, $pantry,
            TechniqueCatalogue::handlingFor($line->ingredient, $line->method),
        )->exact;

        // To a thousandth, and down: so much is there, and no more.
        $factor = BigRational::of(sprintf('%.3F', $grams))->dividedBy($one);
        $exact = KitchenNotation::isKitchenFraction($factor) ? $factor : $factor->toScale(3, RoundingMode::DOWN)->toBigRational();

        return self::of($exact->isZero() ? BigRational::of('1/1000') : $exact);
    }

    /** The next smaller size that a class is likely to want; null below the least. */
    public function less(): ?self
    {
        $smaller = array_filter(self::STEPS, fn (string $step): bool => KitchenNotation::read($step)->isLessThan($this->number));

        return $smaller === [] ? null : self::of($smaller[array_key_last($smaller)]);
    }

    /** The next larger one; null above the most. */
    public function more(): ?self
    {
        $larger = array_filter(self::STEPS, fn (string $step): bool => KitchenNotation::read($step)->isGreaterThan($this->number));

        return $larger === [] ? null : self::of($larger[array_key_first($larger)]);
    }

    /** `1 1/2` */
    public function text(): string
    {
        return KitchenNotation::write($this->number);
    }
}
