<?php

declare(strict_types=1);

namespace App\Recipes;

use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Recipe\SettledLine;

/** One line of a recipe version: as written, as read, as settled, as scaled. */
final readonly class SheetLine
{
    public function __construct(
        public int $index,
        public ReadLine $read,
        public ?SettledLine $line,
        public bool $mended,
        public bool $skip,
        public ?ScaledLine $scaled,
    ) {
    }

    public function isHeading(): bool
    {
        return $this->read->status === ReadLine::HEADING;
    }

    /** Something must be answered before a lab can measure it. */
    public function isOpen(): bool
    {
        return ! $this->isHeading() && ! $this->skip && $this->line === null;
    }
}
