<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\OneTrip;
use Closure;
use Hovik\Core\Calibration\CheckEvery;
use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Drawer\ToolCatalogue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

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
 * @property string|null $span_pct  what it shows too much of what lies on it
 * @property CheckEvery $checked_every  from empty to full
 * @property-read Collection<int, ScaleCalibration> $calibrations
 * @property-read Collection<int, ScaleCheck> $checks
 * @property-read ScaleCheck|null $lastCheck  against a known weight
 * @property-read Kitchen $kitchen
 */
final class Scale extends Model
{
    private const WITH_CHECK = ['scale' => self::class, 'check' => ScaleCheck::class];

    protected $table = 'scales';

    protected $guarded = [];

    protected $casts = ['checked_on' => 'date', 'out_of_order' => 'boolean', 'checked_every' => CheckEvery::class];

    protected $attributes = ['checked_every' => 'term'];

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

    /**
     * Whether it was found right against a known weight on that day.
     *
     * @param  string  $day  by the school's calendar, `2026-11-28`
     */
    public function isCheckedOn(string $day): bool
    {
        return $this->isTriedOn($day) && $this->lastCheck?->passed === true;
    }

    /** @return HasMany<ScaleCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(ScaleCheck::class);
    }

    /** @return HasOne<ScaleCheck, $this> */
    public function lastCheck(): HasOne
    {
        return $this->hasOne(ScaleCheck::class)->latestOfMany();
    }

    /** In a query of scales under one name, joins their last checks under another. */
    public static function lastCheckOf(string $scale, string $check): Closure
    {
        $last = static fn (QueryBuilder $of) => $of->selectRaw('MAX(id)')->from('scale_checks')->whereColumn('scale_id', "$scale.id");

        return static fn (JoinClause $on) => $on->where("$check.id", '=', $last);
    }

    /** @return QueryBuilder a kitchen's, each with its last check: what {@see checked} takes the rows of */
    public static function ofKitchen(int $kitchen): QueryBuilder
    {
        return OneTrip::joined(
            DB::table('scales as scale')->leftJoin('scale_checks as check', self::lastCheckOf('scale', 'check'))
                ->where('scale.kitchen_id', $kitchen)->orderBy('scale.id'),
            self::WITH_CHECK,
        );
    }

    /**
     * @param  list<stdClass>  $rows
     * @return Collection<int, self>
     */
    public static function checked(array $rows): Collection
    {
        $scales = new Collection;
        foreach (OneTrip::models($rows, self::WITH_CHECK) as ['scale' => $scale, 'check' => $check]) {
            assert($scale instanceof self);
            $scales->add($scale->setRelation('lastCheck', $check));
        }

        return $scales;
    }

    /** Whether it was held against a known weight on that day, and was right or not. */
    public function isTriedOn(string $day): bool
    {
        return $this->lastCheck?->day->toDateString() === $day;
    }

    /** @return HasMany<ScaleCalibration, $this> */
    public function calibrations(): HasMany
    {
        return $this->hasMany(ScaleCalibration::class);
    }

    /** Whether its check from empty to full is older than it may be. */
    public function isDue(string $today): bool
    {
        return $this->checked_on === null
            || $this->checked_on->copy()->addDays($this->checked_every->days())->lessThan(Carbon::parse($today));
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    public function toCore(): CoreScale
    {
        return ToolCatalogue::scale(
            $this->catalogue_id, $this->calibration_g === null ? null : (float) $this->calibration_g,
            spanPct: (float) ($this->span_pct ?? 0),
        );
    }
}
