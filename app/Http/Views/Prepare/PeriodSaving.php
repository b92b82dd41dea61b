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

    public static function of(string $name, int $seconds): self
    {
        $minutes = Fixed::minutes($seconds);

        return new self($name, $minutes, Said::phrase(Phrase::of('period.saves', ['name' => $name, 'minutes' => $minutes])));
    }
}
