<?php

declare(strict_types=1);

namespace App\Http\Views\Lab;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Drawer\Fill;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Words\Phrase;

/** One tool, so many times, or once to a mark; to be drawn and named. */
final readonly class DrawnFill extends View
{
    /** @param  bool  $in_set  it lies in every station's own set; else on the shared shelf */
    public function __construct(
        public string $tool,
        public ToolKind $kind,
        public float $ml,
        public int $count,
        public string $nominal,
        public ?string $to_mark,
        public ?float $mark_ml,
        public string $called,
        public bool $in_set,
    ) {
    }

    public static function of(Fill $fill): self
    {
        return new self(
            tool: $fill->tool->id,
            kind: $fill->tool->kind,
            ml: $fill->tool->aboutMl,
            count: $fill->count,
            nominal: Said::phrase(Phrase::of('working.amount', ['amount' => $fill->tool->size ?? $fill->tool->nominal])),
            to_mark: $fill->toMark?->text,
            mark_ml: $fill->toMark?->about,
            called: $fill->tool->own ?? Said::phrase($fill->tool->called()),
            in_set: $fill->tool->inSet > 0,
        );
    }
}
