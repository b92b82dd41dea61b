<?php

declare(strict_types=1);

namespace App\Http\Views\Checks;

use App\Checks\ToolCheckState;
use App\Http\Views\View;
use App\Models\ToolCheck;
use App\Words\Said;
use Hovik\Core\Calibration\FillTo;
use Hovik\Core\Calibration\ToolVerdict;
use Hovik\Core\Calibration\UncertaintyTerm;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Words\Phrase;

/** What a water check found. */
final readonly class ToolCheckResult extends View
{
    /**
     * @param  string  $kind_id  in the catalogue
     * @param  string  $said  its size, `1/2 cup`
     * @param  string|null  $mark  the line it was filled to; null: its rim
     * @param  float  $printed_ml  what is stamped there
     * @param  list<float>  $readings  g, each of so many fills together
     * @param  float  $mean_g  of one reading
     * @param  float  $density  g in a mL of this water
     * @param  list<UncertaintyPart>  $budget  of one fill, largest first
     * @param  int|null  $more  weighings like these that would settle it
     * @param  list<string>  $faults  of its inspection
     * @param  bool  $unfit  retired by this check
     * @param  string|null  $by  who made it
     */
    public function __construct(
        public string $id,
        public string $kind_id,
        public ToolKind $kind,
        public string $said,
        public string $nominal,
        public string $name,
        public ?string $place,
        public ?string $mark,
        public FillTo $to,
        public float $printed_ml,
        public float $true_ml,
        public float $deviation_pct,
        public float $u_ml,
        public float $u_pct,
        public float $tolerance_pct,
        public ToolVerdict $verdict,
        public array $readings,
        public int $together,
        public int $decimals,
        public float $mean_g,
        public float $water_c,
        public float $density,
        public array $budget,
        public string $neglected,
        public ?int $more,
        public array $faults,
        public bool $unfit,
        public ToolCheckState $state,
        public string $scale,
        public ?string $by,
        public string $day,
    ) {
    }

    public static function of(ToolCheck $check): self
    {
        $tool = $check->tool();
        $measured = $check->measured;

        return new self(
            id: $check->id,
            kind_id: $tool->id,
            kind: $tool->kind,
            said: Said::size($tool),
            nominal: $tool->nominal,
            name: $check->name,
            place: $check->place,
            mark: $check->mark === '' ? null : $check->mark,
            to: $measured->to,
            printed_ml: $measured->nominalMl,
            true_ml: (float) $check->true_ml,
            deviation_pct: (float) $check->deviation_pct,
            u_ml: $measured->uncertaintyMl(),
            u_pct: (float) $check->u_pct,
            tolerance_pct: $measured->tolerancePct,
            verdict: $check->verdict,
            readings: $measured->readings->readings,
            together: $measured->together,
            decimals: $measured->scale->decimals(),
            mean_g: $measured->readings->mean(),
            water_c: $measured->water->celsius,
            density: $measured->water->density(),
            budget: array_map(static fn (UncertaintyTerm $term): UncertaintyPart => new UncertaintyPart(
                Said::phrase(Phrase::of("uncertainty.$term->id")), $term->ml,
            ), $measured->budget()),
            neglected: Said::phrase(Phrase::of('uncertainty.air')),
            more: $measured->moreToSettle(),
            faults: array_values($check->faults->map(
                static fn ($one): string => Said::phrase(Phrase::of("inspection.$one->value.bad")),
            )->all()),
            unfit: $check->isUnfit(),
            state: $check->state,
            scale: $check->scale->name,
            by: $check->student->name ?? $check->teacher?->name,
            day: $check->day->toDateString(),
        );
    }
}
