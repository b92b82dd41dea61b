<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use App\School\Spelling;
use Database\Factories\SchoolFactory;
use Hovik\Core\Calendar\SchoolCalendar;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Words\DecimalSign;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

/**
 * A school: what holds for all its kitchens and classes. A district's installation has several.
 *
 * @property int $id
 * @property string $name
 * @property string $time_zone
 * @property 'en'|'es' $language  of what is printed and mailed for people who are not here
 * @property Spelling $spelling  of English
 * @property bool $photos  stations may take pictures of what they measured
 * @property string $decimal_sign  `device`, or a `DecimalSign`
 * @property MeasureStandard $standard  of a new class
 * @property string $year_ends  `06-30`, month and day
 * @property int|null $kept_years  full years after a school year's end before its classes are erased; null: until somebody erases
 * @property SchoolCalendar|null $calendar  its bells; null: it has not told them
 * @property-read Collection<int, Kitchen> $kitchens
 */
final class School extends Model
{
    /** @use HasFactory<SchoolFactory> */
    use HasFactory;

    protected $table = 'schools';

    protected $guarded = [];

    protected $attributes = ['photos' => false];

    protected $casts = [
        'photos' => 'boolean', 'standard' => MeasureStandard::class, 'spelling' => Spelling::class,
        'calendar' => AsStored::class.':'.SchoolCalendar::class,
    ];

    /** @return HasMany<Kitchen, $this> */
    public function kitchens(): HasMany
    {
        return $this->hasMany(Kitchen::class)->orderBy('id');
    }

    /** @return HasManyThrough<Teacher, Kitchen, $this> who teach or help in its kitchens */
    public function adults(): HasManyThrough
    {
        return $this->hasManyThrough(Teacher::class, Kitchen::class);
    }

    /** @return HasManyThrough<Section, Kitchen, $this> */
    public function sections(): HasManyThrough
    {
        return $this->hasManyThrough(Section::class, Kitchen::class);
    }

    /** @return HasManyThrough<Slip, Kitchen, $this> */
    public function slips(): HasManyThrough
    {
        return $this->hasManyThrough(Slip::class, Kitchen::class);
    }

    /** The school's own decimal sign; null: each device's. */
    public function decimal(): ?DecimalSign
    {
        return DecimalSign::tryFrom($this->decimal_sign);
    }

    public function bells(): SchoolCalendar
    {
        return $this->calendar ?? SchoolCalendar::none();
    }

    /** By the calendar on its wall: `2026-11-28`. */
    public function today(): string
    {
        return now($this->time_zone)->toDateString();
    }

    public function hasTeacher(Teacher $teacher): bool
    {
        return $teacher->kitchen->school_id === $this->id;
    }
}
