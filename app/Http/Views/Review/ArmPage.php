<?php

declare(strict_types=1);

namespace App\Http\Views\Review;

use App\Http\Views\View;
use App\Models\Experiment;
use App\Words\Said;
use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Standard\Arm;
use Hovik\Core\Standard\TechniqueComparison;
use Hovik\Core\Words\Phrase;

/** One of the things compared. */
final readonly class ArmPage extends View
{
    /**
     * @param  string  $how  to fill, `dipped`
     * @param  int  $n  weighings that are compared
     * @param  float|null  $mean_g  null while there are none
     */
    public function __construct(
        public string $id, public string $name, public ?Handling $handling, public string $how, public string $tool, public string $food,
        public int $n, public ?float $mean_g, public ?float $sd_g,
    ) {
    }

    public static function of(Arm $arm, Experiment $experiment, ?TechniqueComparison $comparison): self
    {
        $sample = ExperimentPage::sample($comparison, $arm->name);

        return new self(
            $arm->id, $arm->name, $arm->handling,
            $arm->handling === null ? '' : Said::phrase(Phrase::of("handling.{$arm->handling->value}")),
            self::tool($arm->tool ?? $experiment->catalogue_id), Said::ingredient($arm->food ?? $experiment->ingredient_id),
            $sample?->n() ?? $experiment->weighings->where('arm', $arm->id)->count(), $sample?->mean(), $sample?->sd(),
        );
    }

    public static function tool(string $id): string
    {
        return Said::phrase(ToolCatalogue::tool($id, MeasureStandard::UsCustomary)->called());
    }
}
