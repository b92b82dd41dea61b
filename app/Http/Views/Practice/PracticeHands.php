<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;

/** How hands work in a picture; what it does not show is null. */
final readonly class PracticeHands extends View
{
    /** @param  float|null  $share_across  of the jug, where the eye looks through */
    public function __construct(
        public ?string $preparation,
        public ?string $filling,
        public ?string $settling,
        public ?string $levelling,
        public ?float $eye_deg,
        public ?float $share_across,
        public ?string $curve,
        public ?bool $held,
        public ?bool $scraped,
    ) {
    }

    /** @param  array<array-key, mixed>  $hands  of the question's maker */
    public static function of(array $hands): self
    {
        $text = static fn (string $name): ?string => is_string($hands[$name] ?? null) ? $hands[$name] : null;
        $number = static fn (string $name): ?float => is_numeric($hands[$name] ?? null) ? (float) $hands[$name] : null;
        $yes = static fn (string $name): ?bool => is_bool($hands[$name] ?? null) ? $hands[$name] : null;

        return new self(
            $text('preparation'), $text('filling'), $text('settling'), $text('levelling'),
            $number('eye_deg'), $number('share_across'), $text('curve'), $yes('held'), $yes('scraped'),
        );
    }
}
