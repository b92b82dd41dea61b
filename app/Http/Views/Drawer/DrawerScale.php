<?php

declare(strict_types=1);

namespace App\Http\Views\Drawer;

use App\Http\Views\View;
use App\Models\Scale;
use Hovik\Core\Calibration\CheckEvery;

final readonly class DrawerScale extends View
{
    /** Of a year of lessons. */
    private const MOST = 60;

    /**
     * @param  bool  $due  its check from empty to full is older than it may be
     * @param  float  $span_pct  what is taken off what it shows
     * @param  list<ScaleHistory>  $history  its year, oldest first
     */
    public function __construct(
        public int $id,
        public string $name,
        public float $step,
        public int $decimals,
        public ?float $capacity,
        public ?string $checked_on,
        public bool $out_of_order,
        public bool $due,
        public CheckEvery $every,
        public float $span_pct,
        public array $history,
    ) {
    }

    public static function of(Scale $scale, string $today): self
    {
        $core = $scale->toCore();

        return new self(
            $scale->id, $scale->name, $core->readabilityG, $core->decimals(), $core->capacityG,
            $scale->checked_on?->toDateString(), $scale->out_of_order, $scale->isDue($today), $scale->checked_every,
            (float) ($scale->span_pct ?? 0), self::history($scale),
        );
    }

    /** @return list<ScaleHistory> a whole check takes the place of the short one that was stored with it */
    private static function history(Scale $scale): array
    {
        $whole = array_map(ScaleHistory::ofCalibration(...), array_values($scale->calibrations->all()));
        $days = array_column($whole, 'day');
        $short = array_filter(
            array_map(ScaleHistory::ofCheck(...), array_values($scale->checks->all())),
            static fn (ScaleHistory $one): bool => ! in_array($one->day, $days, true),
        );
        $all = [...$whole, ...$short];
        usort($all, static fn (ScaleHistory $a, ScaleHistory $b): int => $a->day <=> $b->day);

        return array_slice($all, -self::MOST);
    }
}
