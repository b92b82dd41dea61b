<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Models\LabLine;
use App\Words\Said;
use Hovik\Core\Marks\LineMark;
use Hovik\Core\Technique\Step;

/** What one ingredient adds to a part of a mark. */
final readonly class MarkLine extends View
{
    /**
     * @param  int  $score  % of the points
     * @param  list<MarkTry>  $tries
     * @param  int  $done  steps seen done
     * @param  list<string>  $missed  steps seen not done
     * @param  bool  $other_way  by an approved alternative
     */
    public function __construct(
        public int $line_id,
        public string $food,
        public int $score,
        public string $because,
        public array $tries,
        public int $done,
        public array $missed,
        public bool $other_way,
    ) {
    }

    public static function of(LineMark $one): self
    {
        $line = $one->line;
        $known = LabLine::query()->find((int) $line->id);

        return new self(
            (int) $line->id, $known === null ? '' : Said::ingredient($known->ingredient_id), $one->score, Said::phrase($one->because),
            array_map(MarkTry::of(...), $line->tries), count($line->done),
            array_map(static fn (Step $step): string => Said::step($step, null, $line->family, isShort: true)['text'], $line->missed),
            $line->isOtherWay,
        );
    }
}
