<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StudentFactory;
use Hovik\Core\Lab\OtherWay;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection as IlluminateCollection;

/**
 * As little about a child as possible: a display name, a roster number, a hashed PIN.
 *
 * @property int $id
 * @property int $section_id
 * @property int|null $station_id
 * @property string $name
 * @property int|null $roster_number
 * @property string|null $pin
 * @property string|null $language  of their own sheets; null: the class's
 * @property Carbon|null $away_on  the last day on which they were away
 * @property IlluminateCollection<int, OtherWay> $ways  allowed by the teacher
 * @property int $session_version  sessions of an older one have ended
 * @property Carbon|null $erased_at  of a former student nothing but this row is left
 * @property Carbon|null $created_at
 * @property int|null $merged_into_id  who it is in truth: this one stood in the class twice
 * @property-read Section $section
 * @property-read Station|null $station
 * @property-read Collection<int, PracticeAnswer> $practiceAnswers
 */
final class Student extends Person
{
    /** @use HasFactory<StudentFactory> */
    use HasFactory;

    protected $table = 'students';

    protected $guarded = [];

    protected $hidden = ['pin'];

    protected $attributes = ['ways' => '[]', 'session_version' => 0, 'erased_at' => null];

    protected function casts(): array
    {
        return ['away_on' => 'date', 'erased_at' => 'datetime', 'ways' => AsEnumCollection::of(OtherWay::class)];
    }

    public function mayBeIn(): bool
    {
        return $this->erased_at === null;
    }

    /** @return list<OtherWay> that they may go */
    public function otherWays(): array
    {
        return array_values($this->ways->all());
    }

    /** @param  string  $today  where the kitchen is */
    public function isAway(string $today): bool
    {
        return $this->away_on?->toDateString() === $today;
    }

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return BelongsTo<Station, $this> */
    public function station(): BelongsTo
    {
        return $this->belongsTo(Station::class);
    }

    /** @return HasMany<PracticeAnswer, $this> oldest first */
    public function practiceAnswers(): HasMany
    {
        return $this->hasMany(PracticeAnswer::class)->orderBy('turn');
    }

    /** @return HasMany<Student, $this> those who were this one, too */
    public function merged(): HasMany
    {
        return $this->hasMany(self::class, 'merged_into_id');
    }

    /** @return list<int> by which something is stored of them */
    public function everyId(): array
    {
        return [$this->id, ...array_values($this->merged()->get()->modelKeys())];
    }

    /** What proves that it is them: the hashed PIN. */
    public function getAuthPassword(): string
    {
        return (string) $this->pin;
    }

    public function getRememberTokenName(): string
    {
        return '';
    }
}
