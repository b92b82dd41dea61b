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
 * @property int $session_version  sessions of an older one have ended
 * @property-read Section $section
 * @property-read Collection<int, Student> $students
 */
final class Station extends Person
{
    /** @use HasFactory<StationFactory> */
    use HasFactory;

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
