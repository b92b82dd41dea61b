<?php

declare(strict_types=1);

namespace App\Models;

use App\Checks\ToolCheckState;
use Hovik\Core\Calibration\CheckEvery;
use Hovik\Core\Drawer\OwnTool;
use Hovik\Core\Drawer\TrueSize;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One certain tool of a kitchen, that was checked with water. The rest of its kind are counted ({@see Tool}).
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $catalogue_id
 * @property string $name
 * @property string|null $place  the station in whose set it lies; null: the shelf
 * @property bool $is_retired
 * @property-read Kitchen $kitchen
 * @property-read Collection<int, ToolCheck> $accepted
 */
final class NamedTool extends Model
{
    protected $table = 'named_tools';

    protected $guarded = [];

    protected $casts = ['is_retired' => 'boolean'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return HasMany<ToolCheck, $this> checks that its teacher accepted, oldest first */
    public function accepted(): HasMany
    {
        return $this->hasMany(ToolCheck::class)->where('state', ToolCheckState::Accepted)->orderBy('day')->orderBy('created_at');
    }

    /** Whether its last check is older than a year. */
    public function isDue(string $today): bool
    {
        $last = $this->accepted->last();

        return $last === null || $last->day->copy()->addDays(CheckEvery::Year->days())->lessThan(Carbon::parse($today));
    }

    public function toCore(): OwnTool
    {
        $sizes = [];
        foreach ($this->accepted as $check) {
            $sizes[$check->mark] = new TrueSize((float) $check->true_ml, $check->measured->trueSize()->u); // the last one stands
        }

        return new OwnTool($this->catalogue_id, $this->name, $this->place, $this->is_retired, $sizes);
    }
}
