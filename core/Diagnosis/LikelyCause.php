<?php

declare(strict_types=1);

namespace Hovik\Core\Diagnosis;

use Hovik\Core\Words\Phrase;

/** One cause with how likely it is now. Never an accusation: the words say so. */
final readonly class LikelyCause
{
    /**
     * @param  Cause|null  $with  a second slip on top, where one alone explains nothing
     * @param  float  $p  0 to 1
     * @param  float  $grams  the reading it is asked of
     */
    public function __construct(public Cause $cause, public ?Cause $with, public float $p, private Prediction $prediction, private float $grams)
    {
    }

    /** @return array{float, float} between these lie 90 % of the readings it leads to, g */
    public function range(): array
    {
        return $this->prediction->rangeAt($this->grams);
    }

    public function word(): Phrase
    {
        return self::wordFor($this->p);
    }

    public function said(): Phrase
    {
        return self::sentence($this->cause, $this->with);
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

    /** What happened; both, where it took two. */
    public static function sentence(Cause $cause, ?Cause $with): Phrase
    {
        return $with === null ? $cause->said() : Phrase::of('cause.pair', ['one' => $cause->said(), 'other' => $with->said()]);
    }
}
