<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Period\Fixed;
use Hovik\Core\Words\Phrase;

final readonly class PeriodSaving extends View
{
    public function __construct(
        public string $name,
        public float $minutes,
        public string $said,
    ) {
    }

    /** @param  bool  $isTeacher  it is not a thing: a second person would check */
    public static function of(string $name, int $seconds, bool $isTeacher = false): self
    {
        $minutes = Fixed::minutes($seconds);

        $said = $isTeacher ? 'period.saves-teacher' : 'period.saves';

        return new self($name, $minutes, Said::phrase(Phrase::of($said, ['name' => $name, 'minutes' => $minutes])));
    }
}
