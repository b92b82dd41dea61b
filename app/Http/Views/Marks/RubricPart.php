<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Words\Said;
use Hovik\Core\Marks\Band;
use Hovik\Core\Marks\Criterion;

/** A part of a rubric. */
final readonly class RubricPart extends View
{
    /**
     * @param  'process'|'accuracy'|'handing-in'|'clean-up'|'teamwork'  $kind
     * @param  string|null  $name  the teacher's own
     * @param  list<string>  $families  whose ingredients it looks at; none: all
     * @param  list<RubricBand>  $bands
     * @param  int  $first_share  % that the first try counts
     * @param  bool  $unusual  no usual lab can show it
     */
    public function __construct(
        public string $id,
        public string $kind,
        public ?string $name,
        public string $said,
        public int $weight,
        public array $families,
        public array $bands,
        public int $first_share,
        public bool $unusual,
    ) {
    }

    public static function of(Criterion $one, bool $isUnusual): self
    {
        return new self(
            $one->id, $one->kind->value, $one->name, Said::phrase($one->said()), $one->weight, array_column($one->families, 'value'),
            array_map(static fn (Band $band): RubricBand => new RubricBand($band->from, $band->to, $band->score), $one->bands),
            $one->firstShare, $isUnusual,
        );
    }
}
