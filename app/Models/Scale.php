<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Drawer\ToolCatalogue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A scale a kitchen owns. Its type is in the catalogue; what its last check found is here.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $catalogue_id
 * @property string|null $calibration_g
 * @property Carbon|null $checked_on
 * @property bool $out_of_order
 * @property-read Kitchen $kitchen
 */
final class Scale extends Model
{
    protected $table = 'scales';

    protected $guarded = [];

    protected $casts = ['checked_on' => 'date', 'out_of_order' => 'boolean'];

    /**
     * The scales of the kitchen that a section uses.
     *
     * @return Builder<self>
     */
    public static function ofSection(int $section): Builder
    {
        return self::query()->where(
            'kitchen_id', fn (QueryBuilder $kitchen) => $kitchen->select('kitchen_id')->from('sections')->where('id', $section),
        );
    }

    /** Whether it was found right against a known weight today. */
    public function isCheckedToday(): bool
    {
        // Asked with every weigh-in: one trip to the database.
        $last = DB::table('scale_checks')->join('scales', 'scales.id', '=', 'scale_checks.scale_id')
            ->join('kitchens', 'kitchens.id', '=', 'scales.kitchen_id')->join('schools', 'schools.id', '=', 'kitchens.school_id')
            ->where('scale_checks.scale_id', $this->id)->orderByDesc('scale_checks.id')->first(['passed', 'day', 'time_zone']);

        return $last !== null && $last->day === Carbon::now($last->time_zone)->toDateString() && (bool) $last->passed;
    }

    /** @return HasMany<ScaleCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(ScaleCheck::class);
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    public function toCore(): CoreScale
    {
        return ToolCatalogue::scale($this->catalogue_id, $this->calibration_g === null ? null : (float) $this->calibration_g);
    }
}
