<?php

declare(strict_types=1);

namespace Hovik\Core\Lab;

use Hovik\Core\Practice\Skill;

/**
 * Another way that a teacher may allow a student, without a reason and without loss (the craft's page, 2.10).
 */
enum OtherWay: string
{
    /** A jug that is read from above, without bending. */
    case TopRead = 'top-read';
    /** On the scale instead of with tools. */
    case WeighOut = 'weigh-out';
    /** A partner reads marks and display. */
    case Partner = 'partner';
    /** The same screens in larger letters. */
    case LargePrint = 'large-print';

    /** Whether it is chosen line by line; the others are for everything somebody does. */
    public function isOfLine(): bool
    {
        return $this !== self::LargePrint;
    }

    /** @return list<Skill> that nobody who goes this way needs to show */
    public function spares(): array
    {
        return match ($this) {
            self::TopRead => [Skill::ReadJug],
            self::WeighOut, self::Partner => [Skill::ReadJug, Skill::JugColumn],
            self::LargePrint => [],
        };
    }
}
