<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\ToolCheck;
use App\Words\Said;
use Hovik\Core\Calibration\ToolVerdict;
use Hovik\Core\Words\Phrase;

/** What a tool held at one check. */
final readonly class ToolSize extends View
{
    /**
     * @param  string  $check  by id
     * @param  string|null  $mark  null: its rim
     * @param  float  $spread_pct  standard deviation of its fills
     * @param  list<string>  $faults  of its inspection
     */
    public function __construct(
        public string $check,
        public ?string $mark,
        public float $printed_ml,
        public float $true_ml,
        public float $u_ml,
        public float $deviation_pct,
        public float $u_pct,
        public float $tolerance_pct,
        public float $spread_pct,
        public ToolVerdict $verdict,
        public string $day,
        public ?string $by,
        public array $faults,
    ) {
    }

    public static function of(ToolCheck $check): self
    {
        return new self(
            $check->id, $check->mark === '' ? null : $check->mark, $check->measured->nominalMl, (float) $check->true_ml,
            $check->measured->uncertaintyMl(), (float) $check->deviation_pct, (float) $check->u_pct,
            $check->measured->tolerancePct, $check->measured->spreadPct(), $check->verdict, $check->day->toDateString(),
            $check->student->name ?? $check->teacher?->name,
            array_values($check->faults->map(static fn ($one): string => Said::phrase(Phrase::of("inspection.$one->value.bad")))->all()),
        );
    }
}
