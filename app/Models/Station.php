<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StationFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A place in the kitchen where a few students work; its shared tablet signs in by the station's code.
 *
 * @property int $id
 * @property int $section_id
 * @property string $name
 * @property int $position
 * @property string $code
 * @property string|null $bowl_g
 * @property-read Section $section
 * @property-read Collection<int, Student> $students
 */
final class Station extends Person
{
    /** @use HasFactory<StationFactory> */
    use HasFactory;

    protected $table = 'stations';

    protected $guarded = [];

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class)->orderBy('roster_number');
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
