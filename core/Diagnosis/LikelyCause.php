<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Hovik\Core\Words\Phrase;

/** One cause with how likely it is now. Never an accusation: the words say so. */
final readonly class LikelyCause
{
    /**
     * @param  Cause|null  $with  a second slip on top, where one alone explains nothing
     * @param  float  $p  0 to 1
     * @param  float  $grams  the reading it is asked of
     * @param  bool  $isTicked  a step that keeps it from happening is ticked
     */
    public function __construct(
        public Cause $cause, public ?Cause $with, public float $p, private Prediction $prediction, private float $grams,
        public bool $isTicked = false,
    ) {
    }

    /** @return array{float, float} between these lie 90 % of the readings it leads to, g */
    public function range(): array
    {
        return $this->prediction->rangeAt($this->grams);
    }

    /** One way to tell it from others. */
    public function tell(): Phrase
    {
        return $this->cause->tell($this->isTicked);
    }

    /** How likely, in words. */
    public function word(): Phrase
    {
        return self::wordFor($this->p);
    }

    /** Which cup, which line, which salt it most likely was; null where that says nothing. */
    public function way(): ?Phrase
    {
        return $this->with === null ? $this->prediction->wayAt($this->grams) : null;
    }

    public function said(): Phrase
    {
        return self::sentence($this->cause, $this->with, $this->way());
    }

    /** A probability in words: `likely.most` and so on. */
    public static function wordFor(float $p): Phrase
    {
        return Phrase::of(match (true) {
            $p >= 0.75 => 'likely.most',
            $p >= 0.4 => 'likely.quite',
            $p >= 0.12 => 'likely.may',
            default => 'likely.less',
        });
    }

    /** What happened; both, where it took two; with what, where that can be told. */
    public static function sentence(Cause $cause, ?Cause $with, ?Phrase $way): Phrase
    {
        return match (true) {
            $with !== null => Phrase::of('cause.pair', ['one' => $cause->said(), 'other' => $with->said()]),
            $way !== null => Phrase::of('cause.way', ['what' => $cause->said(), 'way' => $way]),
            default => $cause->said(),
        };
    }

    /**
     * `216 to 279 g`.
     *
     * @param  int  $places  decimals, as the target's
     */
    public static function rangeInWords(float $lowG, float $highG, int $places): Phrase
    {
        $round = static fn (float $grams): BigDecimal => BigDecimal::of(sprintf('%.9F', $grams))->toScale($places, RoundingMode::HALF_UP);

        return Phrase::of('cause.range', ['low' => $round($lowG), 'high' => $round($highG)]);
    }
}
