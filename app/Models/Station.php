<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StationFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder;
use stdClass;

/**
 * A place in the kitchen where a few students work; its shared tablet signs in by the station's code.
 *
 * @property int $id
 * @property int $section_id
 * @property string $name
 * @property int $position
 * @property string $code
 * @property string|null $bowl_g
 * @property int $session_version  sessions of an older one have ended
 * @property int|null $makes_up_lab_id  the closed lab that one student makes up here; such a place is in none of the class's lists
 * @property int|null $home_id  the station whose lines are measured here, and where the student goes back to
 * @property-read Station|null $home
 * @property-read Lab|null $makesUp
 * @property-read Section $section
 * @property-read Collection<int, Student> $students
 */
final class Station extends Person
{
    /** @use HasFactory<StationFactory> */
    use HasFactory;

    /** The position of a place where one student makes a lab up: it stands in none of the class's lists. */
    public const IN_NO_LIST = 0;

    protected $table = 'stations';

    protected $guarded = [];

    protected $attributes = ['session_version' => 0];

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class)->whereNull('erased_at')->orderBy('roster_number');
    }

    /**
     * With who sits there.
     *
     * @param  Builder  $stations  a query of `stations`
     * @param  Builder  $students  one of `students` that has all of theirs, by what an index knows
     * @return array{Builder, Builder} what {@see seated} takes the rows of
     */
    public static function withStudents(Builder $stations, Builder $students): array
    {
        return [$stations, $students->whereNotNull('station_id')->whereNull('erased_at')->orderBy('roster_number')];
    }

    /**
     * @param  list<stdClass>  $stations
     * @param  list<stdClass>  $students
     * @return Collection<int, self> in the query's order
     */
    public static function seated(array $stations, array $students): Collection
    {
        $at = Student::query()->hydrate($students)->groupBy('station_id');

        return self::query()->hydrate($stations)->each(
            static fn (self $station): self => $station->setRelation('students', $at->get($station->id, new Collection)),
        );
    }

    /** @return BelongsTo<Lab, $this> */
    public function makesUp(): BelongsTo
    {
        return $this->belongsTo(Lab::class, 'makes_up_lab_id');
    }

    /** @return BelongsTo<Station, $this> */
    public function home(): BelongsTo
    {
        return $this->belongsTo(self::class, 'home_id');
    }

    /** What is worked at here now: the class's open lab, or the one that is made up. */
    public function labNow(): ?Lab
    {
        return $this->makes_up_lab_id === null ? $this->section->openLab : $this->makesUp;
    }

    /** What stands on screens: where a lab is made up, without the lab's number that tells the place from others. */
    public function shownName(): string
    {
        return $this->makes_up_lab_id === null ? $this->name : str_replace(" ($this->makes_up_lab_id)", '', $this->name);
    }

    /** By which lines are given to stations. */
    public function placeId(): int
    {
        return $this->home_id ?? $this->id;
    }

    public function mayBeIn(): bool
    {
        return true;
    }

    /** A card has a code, not a password. */
    public function getAuthPassword(): string
    {
        return '';
    }

    public function getRememberTokenName(): string
    {
        return '';
    }
}
