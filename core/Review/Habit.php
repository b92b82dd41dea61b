<?php

declare(strict_types=1);

namespace Hovik\Core\Review;

use Hovik\Core\Words\Phrase;

/** How somebody's weighings of a family of foods read, over a term. Words: `habit.ID`. */
enum Habit: string
{
    /** Within tolerance, as careful work is. */
    case Steady = 'steady';

    /** Always about as much over, or under. */
    case SameSlip = 'same-slip';

    /** Over and under by turns, farther apart than careful work. */
    case Scattered = 'scattered';

    /** Two ways of doing it: some as they should be, some off by about as much. */
    case TwoCamps = 'two-camps';

    /** Too few to say. */
    case NotYet = 'not-yet';

    public function said(): Phrase
    {
        return Phrase::of("habit.{$this->value}");
    }

    /** Whether there is something to teach. */
    public function asksForHelp(): bool
    {
        return $this !== self::Steady && $this !== self::NotYet;
    }
}
