<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Http\Views\View;
use App\Models\Scale;
use App\Models\Tool;
use App\Words\Said;
use Hovik\Core\Calibration\Inspection;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\Phrase;

/** A kind of tool that may be checked with water, and how. */
final readonly class ToolToCheck extends View
{
    /**
     * @param  string  $name  its size, `1/2 cup`
     * @param  bool  $in_set  every station has one in its set
     * @param  list<FillToCheck>  $fills  its rim, or its lines; the topmost last
     * @param  list<PointToInspect>  $points
     */
    public function __construct(
        public string $id,
        public ToolKind $kind,
        public string $name,
        public string $nominal,
        public float $ml,
        public int $count,
        public bool $in_set,
        public array $fills,
        public array $points,
    ) {
    }

    /** @param  list<Scale>  $scales */
    public static function of(string $id, ?Tool $own, array $scales): self
    {
        $tool = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);
        $worn = $own->worn ?? [];
        $lines = array_filter($tool->marks, static fn (Mark $mark): bool => ! in_array($mark->text, $worn, true));

        return new self(
            id: $id,
            kind: $tool->kind,
            name: Said::size($tool),
            nominal: $tool->nominal,
            ml: $tool->aboutMl,
            count: $own->count ?? 0,
            in_set: ($own->in_set ?? 0) > 0,
            fills: array_map(
                static fn (?Mark $mark): FillToCheck => FillToCheck::of($tool, $mark, $scales),
                $tool->kind->isMarked() ? array_values($lines) : [null],
            ),
            points: array_map(static fn (Inspection $one): PointToInspect => new PointToInspect(
                $one, Said::phrase(Phrase::of("inspection.$one->value")), Said::phrase(Phrase::of("inspection.$one->value.bad")),
            ), Inspection::of($tool->kind)),
        );
    }
}
