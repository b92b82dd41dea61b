<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\Tool;
use App\Words\Said;
use Hovik\Core\Drawer\Mark;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Quantity\MeasureStandard;

final readonly class DrawerTool extends View
{
    /**
     * @param  int  $in_set  how many lie in every station's own set
     * @param  int  $retired  of them, kept out of every plan
     * @param  list<ToolMark>  $marks
     * @param  bool  $fit  for checking
     */
    public function __construct(
        public string $id,
        public ToolKind $kind,
        public string $name,
        public string $nominal,
        public float $ml,
        public int $count,
        public ?string $place,
        public int $in_set,
        public int $retired,
        public array $marks,
        public bool $fit,
    ) {
    }

    public static function of(string $id, ?Tool $own): self
    {
        $tool = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);

        return new self(
            id: $id,
            kind: $tool->kind,
            name: Said::size($tool),
            nominal: $tool->nominal,
            ml: $tool->aboutMl,
            count: $own->count ?? 0,
            place: $own?->place,
            in_set: $own->in_set ?? 0,
            retired: $own->retired ?? 0,
            marks: array_map(static fn (Mark $mark): ToolMark => new ToolMark(
                $mark->text, in_array($mark->text, $own->worn ?? [], true),
            ), $tool->marks),
            fit: $tool->kind !== ToolKind::NoveltyScoop,
        );
    }
}
