<?php

declare(strict_types=1);

namespace Hovik\Core\Marks;

/** What a criterion looks at. Words: `mark.ID`. */
enum CriterionKind: string
{
    /** Steps of the technique that were seen done, % of those that were looked at, ingredient by ingredient. */
    case Process = 'process';

    /** How far the weights were off, in % of the tolerance: first and best try. */
    case Accuracy = 'accuracy';

    /** Days late. */
    case HandingIn = 'handing-in';

    /** What of the station's clean-up list was checked off, %. */
    case CleanUp = 'clean-up';

    /** As the teacher saw it: 0 (not at all) to 4 (all the time). */
    case Teamwork = 'teamwork';

    /** Where its bands begin. */
    public function least(): int
    {
        return 0;
    }

    /** Where its bands end; null: they go on for ever. */
    public function most(): ?int
    {
        return match ($this) {
            self::Process, self::CleanUp => 100,
            self::Teamwork => 4,
            self::Accuracy, self::HandingIn => null,
        };
    }

    /** Whether more is better: then no band is worth less than the one before; else none more. */
    public function rises(): bool
    {
        return $this->most() !== null;
    }

    /** Whether it is shown ingredient by ingredient, and so may look at some families only. */
    public function isByLine(): bool
    {
        return $this === self::Process || $this === self::Accuracy;
    }

    /** @return non-empty-list<Band> as a new criterion has them */
    public function usualBands(): array
    {
        return match ($this) {
            // All, most, half, fewer.
            self::Process, self::CleanUp => [
                new Band(0, 49, 30), new Band(50, 74, 60), new Band(75, 99, 80), new Band(100, 100, 100),
            ],
            // Level; a little over or short; farther; far.
            self::Accuracy => [new Band(0, 100, 100), new Band(101, 150, 75), new Band(151, 200, 50), new Band(201, null, 25)],
            self::HandingIn => [new Band(0, 0, 100), new Band(1, 1, 80), new Band(2, 3, 60), new Band(4, null, 30)],
            self::Teamwork => [new Band(0, 0, 0), new Band(1, 1, 40), new Band(2, 2, 60), new Band(3, 3, 80), new Band(4, 4, 100)],
        };
    }
}
