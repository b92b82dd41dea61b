<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Section;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Which weighings of a term are looked at: of a lab, of a food, between two days; all where nothing is said. */
final readonly class TermPart
{
    public function __construct(
        public ?int $lab = null, public ?string $food = null, public ?string $from = null, public ?string $to = null,
    ) {
    }

    public function isWhole(): bool
    {
        return $this->lab === null && $this->food === null && $this->from === null && $this->to === null;
    }

    /** A query of `term_weighings`. */
    public function rows(Section $section): Builder
    {
        return DB::table('term_weighings')->where('term_weighings.section_id', $section->id)
            ->when($this->lab, fn (Builder $of) => $of->where('term_weighings.lab_id', $this->lab))
            ->when($this->food, fn (Builder $of) => $of->where('term_weighings.ingredient_id', $this->food))
            ->when($this->from, fn (Builder $of) => $of->where('weighed_at', '>=', $this->from))
            ->when($this->to, fn (Builder $of) => $of->where('weighed_at', '<=', "$this->to 23:59:59.999"));
    }
}
