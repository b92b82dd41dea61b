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
    ) {
    }

    /** @param  array<string, mixed>  $figure  of the question's maker */
    public static function of(array $figure): ?self
    {
        ['kind' => $kind, 'ml' => $ml, 'nominal' => $nominal] = $figure + ['kind' => null, 'ml' => null, 'nominal' => ''];

        return is_string($kind) && is_numeric($ml) ? new self($kind, (float) $ml, is_string($nominal) ? $nominal : '') : null;
    }
}
