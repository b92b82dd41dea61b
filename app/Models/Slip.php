<?php

declare(strict_types=1);

namespace App\Models;

use App\School\AdultRole;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A slip of paper (or a mail) with a code that works once within a week: somebody comes to the school, or chooses a new password.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int|null $teacher_id  whose password is chosen anew; null: somebody new
 * @property string $name
 * @property string $email
 * @property AdultRole $role
 * @property string $code_hash
 * @property Carbon $ends_at
 * @property-read Kitchen $kitchen
 * @property-read Teacher|null $teacher
 */
final class Slip extends Model
{
    public const DAYS = 7;

    protected $table = 'slips';

    protected $guarded = [];

    protected $casts = ['role' => AdultRole::class, 'ends_at' => 'datetime'];

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** The one with this code, as long as it works. */
    public static function coded(string $code): ?self
    {
        return self::query()->where('code_hash', self::hash($code))->where('ends_at', '>', now())->first();
    }

    /** @return Collection<int, self> of this school, that work yet */
    public static function ofSchool(School $school): Collection
    {
        return $school->slips()->where('ends_at', '>', now())->oldest('slips.id')->get();
    }

    /** As people type it: any case, with or without its gaps. */
    public static function hash(string $code): string
    {
        return hash('sha256', strtoupper((string) preg_replace('/[\s-]+/', '', $code)));
    }
}
