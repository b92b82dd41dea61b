<?php

declare(strict_types=1);

namespace App\Models;

use App\Classes\ColleagueRole;
use App\School\AdultRole;
use Database\Factories\TeacherFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $email  in small letters
 * @property string $password  hashed
 * @property AdultRole $role
 * @property Carbon|null $deactivated_at  since when they may not come in
 * @property int $session_version  sessions of an older one have ended
 * @property-read Kitchen $kitchen
 * @property-read Collection<int, Section> $sections
 */
final class Teacher extends Person
{
    /** @use HasFactory<TeacherFactory> */
    use HasFactory;

    protected $table = 'teachers';

    protected $guarded = [];

    protected $hidden = ['password'];

    protected $attributes = ['role' => 'teacher', 'session_version' => 0, 'deactivated_at' => null];

    protected $casts = ['password' => 'hashed', 'role' => AdultRole::class, 'deactivated_at' => 'datetime'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return HasMany<Section, $this> */
    public function sections(): HasMany
    {
        return $this->hasMany(Section::class)->orderBy('starts_at');
    }

    /**
     * Their own classes and those they help with.
     *
     * @return Collection<int, Section>
     */
    public function classes(): Collection
    {
        return $this->among(ColleagueRole::cases());
    }

    /**
     * Those that they may do everything in: no aide.
     *
     * @return Collection<int, Section>
     */
    public function running(): Collection
    {
        return $this->role->teaches() ? $this->among([ColleagueRole::CoTeacher]) : new Collection;
    }

    /**
     * @param  list<ColleagueRole>  $helpingAs
     * @return Collection<int, Section>
     */
    private function among(array $helpingAs): Collection
    {
        $helping = Colleague::query()->where('teacher_id', $this->id)->whereIn('role', $helpingAs)->pluck('section_id');

        return Section::query()->where('archived_at', null)
            ->where(fn (Builder $mine) => $mine->where('teacher_id', $this->id)->orWhereIn('id', $helping))
            ->orderBy('starts_at')->orderBy('id')->get();
    }

    public function mayBeIn(): bool
    {
        return $this->deactivated_at === null;
    }

    public function isKeeper(): bool
    {
        return $this->role === AdultRole::Keeper;
    }

    /** Nobody is remembered on a school's machines. */
    public function getRememberTokenName(): string
    {
        return '';
    }
}
