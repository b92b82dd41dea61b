<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\TeacherFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $email
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

    protected $casts = ['password' => 'hashed'];

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
        $helping = Colleague::query()->where('teacher_id', $this->id)->pluck('section_id');

        return Section::query()->where('teacher_id', $this->id)->orWhereIn('id', $helping)->orderBy('starts_at')->orderBy('id')->get();
    }

    /** Nobody is remembered on a school's machines. */
    public function getRememberTokenName(): string
    {
        return '';
    }
}
