<?php

declare(strict_types=1);

namespace Hovik\Core\Practice;

use Hovik\Core\Quantity\Unit;

/** How a teacher wants a jug to be read: in which of its columns, and from where the eye begins. */
final readonly class JugView
{
    /** Columns that are asked about. */
    public const COLUMNS = [Unit::Cup, Unit::FluidOunce, Unit::Millilitre];

    /** Degrees above the line, by what it is called. */
    public const EYES = ['above' => 30, 'level' => 0, 'below' => -30];

    /**
     * @param  Unit|null  $column  null: by the level of the question
     * @param  key-of<self::EYES>|null  $eye  null: too high by chance
     */
    public function __construct(public ?Unit $column = null, public ?string $eye = null)
    {
    }

    /** Degrees above the line; null by chance. */
    public function eyeDeg(): ?int
    {
        return $this->eye === null ? null : self::EYES[$this->eye];
    }
}
