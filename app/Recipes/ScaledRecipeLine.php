<?php

declare(strict_types=1);

namespace App\Recipes;

use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Recipe\SettledLine;

/** One line of a recipe version: as kept, as read, what it means, as scaled. */
final readonly class ScaledRecipeLine
{
    /** @param  SettledLine|null  $line  null where it is left out, or something must be answered */
    public function __construct(public RecipeLine $kept, public ReadLine $read, public ?SettledLine $line, public ?ScaledLine $scaled)
    {
    }

    public function isHeading(): bool
    {
        return $this->kept->heading;
    }

    /** A lab would weigh it, its food is a word for several kinds, and nobody has said which. */
    public function asksKind(): bool
    {
        $isAsked = array_filter($this->read->flags, static fn (Flag $flag): bool => $flag->isAboutKind()) !== [];

        return $isAsked && $this->scaled !== null && ! $this->kept->isSettled() && ! $this->read->has(Flag::NotCheckable);
    }

    /** Something must be answered before a lab can measure it. */
    public function isOpen(): bool
    {
        return ! $this->isHeading() && ! $this->kept->skip && $this->line === null && ! $this->read->isWithoutAmount();
    }
}
