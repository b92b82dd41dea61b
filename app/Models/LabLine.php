<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Weighing\Target;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use LogicException;

/**
 * One line as frozen when its lab opened, whole; the columns beside it are those that queries need. Never changed afterwards.
 *
 * @property int $id
 * @property int $lab_id
 * @property int $position
 * @property string $ingredient_id
 * @property Family $family
 * @property string|null $target_g  null where the line is not weighed
 * @property list<int>|null $stations  by id, that measure it; null: all of them
 * @property FrozenLine $frozen
 * @property-read Lab $lab
 * @property-read Collection<int, Weighing> $weighings
 */
final class LabLine extends Model
{
    protected $table = 'lab_lines';

    protected $guarded = [];

    protected $casts = ['family' => Family::class, 'stations' => 'array', 'frozen' => AsStored::class.':'.FrozenLine::class.',kept'];

    /** @return array<string, mixed> the columns of a frozen line */
    public static function columns(FrozenLine $line): array
    {
        return [
            'position' => $line->position,
            'ingredient_id' => $line->food->ingredient->id,
            'family' => $line->food->ingredient->family,
            'target_g' => $line->target?->grams,
            'stations' => $line->stations,
            'frozen' => $line,
        ];
    }

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

    /** Whether this station measures it: not where another food stands for it, or nothing. */
    public function isAt(int $station): bool
    {
        return $this->stations === null || in_array($station, $this->stations, true);
    }

    /**
     * As it is measured in another way; as usual where there is none.
     *
     * @param  Station|null  $station  with the tools of its own set; null: as most measure it
     */
    public function measuredBy(?OtherWay $way, ?Station $station = null): FrozenLine
    {
        $line = $this->frozen->at($station?->placeId());

        return $way === null ? $line : $this->lab->frozen?->by($line, $way) ?? $line;
    }

    /** Of a line that is weighed. */
    public function target(): Target
    {
        return $this->frozen->target ?? throw new LogicException("Line $this->id is not weighed.");
    }
}
