<?php

declare(strict_types=1);

namespace App\Http\Views\Marks;

use App\Http\Views\View;
use App\Models\Kitchen;
use App\Models\Rubric;
use App\Words\Said;
use Hovik\Core\Marks\Criterion;
use Hovik\Core\Marks\CriterionKind;
use Hovik\Core\Marks\RubricTemplate;

/** Rubrics to choose from: those that are ready, and the kitchen's own. */
final readonly class RubricList extends View
{
    /**
     * @param  list<RubricView>  $rubrics
     * @param  list<RubricPart>  $usual  one of each kind, as a new part begins
     */
    public function __construct(
        public array $rubrics,
        public array $usual,
    ) {
    }

    public static function of(Kitchen $kitchen): self
    {
        return new self([
            ...$kitchen->rubrics()->get()->map(static fn (Rubric $one): RubricView => RubricView::of($one->rubric, $one->id))->all(),
            ...array_map(static fn (RubricTemplate $one): RubricView => RubricView::of(
                $one->rubric(Said::phrase($one->said())), null, $one->value,
            ), RubricTemplate::cases()),
        ], array_map(static fn (CriterionKind $kind): RubricPart => RubricPart::of(
            Criterion::of($kind->value, $kind, 10), false,
        ), CriterionKind::cases()));
    }
}
