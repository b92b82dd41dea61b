<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;

final readonly class PracticeTool extends View
{
    public function __construct(
        public string $kind,
        public float $ml,
        public string $nominal,
        public ?float $mark_ml,
    ) {
    }

    /** @param  array<string, mixed>  $figure  of the question's maker */
    public static function of(array $figure): ?self
    {
        ['kind' => $kind, 'ml' => $ml, 'nominal' => $nominal, 'mark_ml' => $mark] = [
            'kind' => null, 'ml' => null, 'nominal' => '', 'mark_ml' => null, ...$figure,
        ];

        return is_string($kind) && is_numeric($ml)
            ? new self($kind, (float) $ml, is_string($nominal) ? $nominal : '', is_numeric($mark) ? (float) $mark : null) : null;
    }
}
