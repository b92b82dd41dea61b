<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Weighing\Target;
use Hovik\Core\Weighing\Tolerance;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One line as frozen when its lab opened: amount, tools, steps, target, tolerance, source. Never changed afterwards.
 *
 * @property int $id
 * @property int $lab_id
 * @property int $position
 * @property string $ingredient_id
 * @property string $family
 * @property string $amount
 * @property string $unit
 * @property MeasureStandard $standard
 * @property string|null $method
 * @property string $handling
 * @property string $target_g
 * @property string $tolerance_pct
 * @property string $tolerance_floor_g
 * @property string|null $expected_g
 * @property string|null $spread_g
 * @property array<string, mixed> $measure
 * @property list<array{tool: string, kind: string, nominal: string, ml: float, count: int, to_mark: string|null, mark_ml: float|null, called: array<string, mixed>}> $fills
 * @property list<string> $steps
 * @property array{phrase: array<string, mixed>, leads_to: string}|null $watch
 * @property list<array<string, mixed>> $cautions
 * @property list<array<string, mixed>> $working
 * @property array<string, mixed>|null $why_tools
 * @property string|null $source
 * @property string $confidence
 * @property bool $shared  stands on the common shelf
 * @property-read Lab $lab
 * @property-read Collection<int, Weighing> $weighings
 */
final class LabLine extends Model
{
    protected $table = 'lab_lines';

    protected $guarded = [];

    protected $casts = ['shared' => 'boolean', 'standard' => MeasureStandard::class, 'measure' => 'array', 'fills' => 'array', 'steps' => 'array', 'watch' => 'array', 'cautions' => 'array', 'working' => 'array', 'why_tools' => 'array'];

    /** @return BelongsTo<Lab, $this> */
    public function lab(): BelongsTo
    {
        return $this->belongsTo(Lab::class);
    }

    /** @return HasMany<Weighing, $this> */
    public function weighings(): HasMany
    {
        return $this->hasMany(Weighing::class)->orderBy('attempt');
    }

    /** As the recipe says it. */
    public function saidAmount(): Amount
    {
        return Amount::of($this->amount, Unit::from($this->unit));
    }

    /** How many pieces, of what is counted whole. */
    public function pieces(): ?int
    {
        $amount = $this->saidAmount();

        return $this->family === Family::Counted->value && $amount->unit === Unit::Piece && $amount->number->simplified()->getDenominator()->isEqualTo(1) ? $amount->number->toBigInteger()->toInt() : null;
    }

    /** One fill of one spoon: then several of them may be weighed as one. */
    public function isOneSpoon(): bool
    {
        return count($this->fills) === 1 && $this->fills[0]['count'] === 1 && $this->fills[0]['kind'] === ToolKind::Spoon->value;
    }

    public function target(): Target
    {
        return Target::of((float) $this->target_g, Tolerance::of((float) $this->tolerance_pct, (float) $this->tolerance_floor_g));
    }

    public function expected(): ?float
    {
        return $this->expected_g === null ? null : (float) $this->expected_g;
    }
}
