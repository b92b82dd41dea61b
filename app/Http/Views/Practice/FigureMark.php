<?php

declare(strict_types=1);

namespace App\Http\Views\Practice;

use App\Http\Views\View;

final readonly class FigureMark extends View
{
    public function __construct(
        public string $text,
        public float $ml,
    ) {
    }

    /** @return list<self>|null */
    public static function all(mixed $marks): ?array
    {
        if (! is_array($marks)) {
            return null;
        }
        $all = [];
        foreach ($marks as $mark) {
            if (is_array($mark) && is_string($mark['text'] ?? null) && is_numeric($mark['ml'] ?? null)) {
                $all[] = new self($mark['text'], (float) $mark['ml']);
            }
        }

        return $all;
    }
}
