<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\Pantry\HandlingChoice;
use App\Http\Views\View;
use App\Models\Experiment;
use App\Models\Section;
use App\Words\Said;
use Hovik\Core\Drawer\Tool;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Standard\Arm;

/** A class's experiments, and what new ones may be made of. */
final readonly class ExperimentList extends View
{
    /**
     * @param  list<ExperimentRow>  $experiments  newest first
     * @param  list<ExperimentFood>  $foods
     * @param  list<ExperimentTool>  $tools  cups and spoons of the drawer
     */
    public function __construct(
        public int $section_id, public string $section, public array $experiments, public array $foods, public array $tools,
    ) {
    }

    public static function of(Section $section): self
    {
        $pantry = $section->kitchen->pantry();
        $foods = [];
        foreach ($pantry->ids() as $id) {
            $food = $pantry->ingredient($id);
            if ($food->gramsPerUsCup !== null && ! $food->family->isPoured()) {
                $foods[] = new ExperimentFood($id, Said::ingredient($id), HandlingChoice::all($food, $pantry));
            }
        }
        usort($foods, static fn (ExperimentFood $a, ExperimentFood $b): int => strnatcasecmp($a->name, $b->name));
        $tools = array_values(array_filter(
            $section->kitchen->drawer($section->standard),
            static fn (Tool $tool): bool => in_array($tool->kind, [ToolKind::DryCup, ToolKind::Spoon, ToolKind::NoveltyScoop], true),
        ));
        usort($tools, static fn (Tool $a, Tool $b): int => $b->aboutMl <=> $a->aboutMl);

        return new self(
            $section->id, $section->name,
            array_values($section->experiments()->withCount('weighings')->get()
                ->map(static fn (Experiment $one): ExperimentRow => new ExperimentRow(
                    $one->id, $one->title, Said::ingredient($one->ingredient_id), $one->state,
                    array_map(static fn (Arm $arm): string => $arm->name, $one->arms), (int) $one->getAttribute('weighings_count'),
                    ($one->created_at ?? now())->toDateString(),
                ))->all()),
            $foods,
            array_map(static fn (Tool $tool): ExperimentTool => new ExperimentTool($tool->id, Said::phrase($tool->called())), $tools),
        );
    }
}
