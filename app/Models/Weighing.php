<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use App\Casts\AsStoredList;
use Hovik\Core\Drawer\Scale as CoreScale;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\OtherWay;
use Hovik\Core\Technique\Step;
use Hovik\Core\Weighing\CupOnScale;
use Hovik\Core\Weighing\Judgement;
use Hovik\Core\Weighing\ReadingSource;
use Hovik\Core\Weighing\Verdict;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection as IlluminateCollection;
use Illuminate\Support\Facades\DB;

/**
 * One recorded weighing, with the verdict given then. Only ever added; the database refuses changes. Its id is a ULID made
 * on the device, so that sending it twice stores it once.
 *
 * @property string $id
 * @property int $lab_line_id
 * @property int $station_id
 * @property int $student_id
 * @property int $scale_id
 * @property int $attempt
 * @property string $grams
 * @property string $readability_g
 * @property string|null $calibration_g
 * @property Verdict $verdict
 * @property Judgement $judgement  as it was given then
 * @property string $error_g
 * @property string $error_pct
 * @property string $scale_u_g
 * @property IlluminateCollection<int, Step> $ticked
 * @property ReadingSource $source
 * @property bool $scale_checked
 * @property Verdict|null $predicted
 * @property int $together
 * @property list<CupOnScale> $cups  weighed with the food in them
 * @property int|null $left_out  fills or pieces said not done; null where nobody counted
 * @property string|null $corrects_id
 * @property int|null $teacher_id  who corrected it so
 * @property bool|null $weighed_out  on the scale instead of measured; null: from before it was noted
 * @property OtherWay|null $way  by which it was measured; null: the usual one
 * @property Carbon $created_at
 * @property-read string|null $received_at  by the database's clock, UTC to the microsecond; unknown until read back
 * @property-read LabLine $line
 * @property-read Station $station
 * @property-read Student $student
 * @property-read Scale $scale
 */
final class Weighing extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'weighings';

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'verdict' => Verdict::class,
            'judgement' => AsStored::class.':'.Judgement::class,
            'ticked' => AsEnumCollection::of(Step::class),
            'source' => ReadingSource::class,
            'predicted' => Verdict::class,
            'way' => OtherWay::class,
            'cups' => AsStoredList::class.':'.CupOnScale::class,
            'scale_checked' => 'boolean',
            'weighed_out' => 'boolean',
            'created_at' => 'datetime:Y-m-d H:i:s.v',
        ];
    }

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /**
     * A station's weighings of a line, by attempt; `is_taken_back`: typed wrong, and said so.
     *
     * @return Builder<self>
     */
    public static function of(int $line, int $station): Builder
    {
        $query = self::query()->where('lab_line_id', $line)->where('station_id', $station);
        $query->orderBy('attempt')->select(['weighings.*', DB::raw(LabEvent::TAKEN_BACK.' AS is_taken_back')]);

        return $query;
    }

    /** @return BelongsTo<LabLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(LabLine::class, 'lab_line_id');
    }

    /** @return BelongsTo<Station, $this> */
    public function station(): BelongsTo
    {
        return $this->belongsTo(Station::class);
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<Scale, $this> */
    public function scale(): BelongsTo
    {
        return $this->belongsTo(Scale::class);
    }

    /** The line as it was measured then. */
    public function measured(): FrozenLine
    {
        return $this->line->measuredBy($this->way, $this->station);
    }

    /**
     * This station's weighings of the line before this one.
     *
     * @return Collection<int, self>
     */
    public function earlier(): Collection
    {
        if (! $this->relationLoaded('earlier')) {
            $this->setRelation('earlier', self::query()->where('lab_line_id', $this->lab_line_id)->where('station_id', $this->station_id)
                ->where('attempt', '<', $this->attempt)->orderBy('attempt')->get());
        }
        /** @var Collection<int, self> $earlier */
        $earlier = $this->getRelation('earlier');

        return $earlier;
    }

    /** Nothing was weighed of this line at this station since. */
    public function isLatest(): bool
    {
        return ! self::query()->where('lab_line_id', $this->lab_line_id)->where('station_id', $this->station_id)
            ->where('attempt', '>', $this->attempt)->exists();
    }

    /** Decimals of the scale's display, at most two. */
    public function decimals(): int
    {
        return min(2, (new CoreScale((float) $this->readability_g))->decimals());
    }
}
