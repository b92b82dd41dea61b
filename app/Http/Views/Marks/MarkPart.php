<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Marks\CriterionMark;

/** A part of a mark: points, and what they came from. */
final readonly class MarkPart extends View
{
    /**
     * @param  int|null  $points  null: nothing was seen, and nothing given
     * @param  int|null  $worked_out  before the teacher gave others
     * @param  string|null  $reason  why the teacher gave others
     * @param  bool  $coached  after help
     * @param  list<MarkLine>  $lines
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public ?int $points,
        public int $of,
        public ?int $worked_out,
        public ?string $reason,
        public string $because,
        public bool $coached,
        public array $lines,
    ) {
    }

    public static function of(CriterionMark $one): self
    {
        return new self(
            $one->criterion->id, Said::phrase($one->criterion->said()), $one->criterion->kind->value, $one->points(),
            $one->criterion->weight, $one->workedOut, $one->override?->reason, Said::phrase($one->because), $one->isCoached(),
            array_map(MarkLine::of(...), $one->lines),
        );
    }
}
