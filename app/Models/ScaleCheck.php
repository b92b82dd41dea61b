<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A scale against a known weight, at the start of a lab.
 *
 * @property int $id
 * @property int $scale_id
 * @property int|null $teacher_id
 * @property string $nominal_g
 * @property string $reading_g
 * @property bool $passed
 * @property Carbon $day
 */
final class ScaleCheck extends Model
{
    public const UPDATED_AT = null;

    /** @return array<int, bool> whether the last check of today passed, by scale; those that were checked */
    public static function today(Kitchen $kitchen): array
    {
        $checks = DB::table('scale_checks')->join(
            'scales', 'scales.id', '=', 'scale_checks.scale_id',
        )->where('scales.kitchen_id', $kitchen->id)
            ->where('day', $kitchen->school->today())
            ->orderBy('scale_checks.id')->pluck('passed', 'scale_id');

        return $checks->map(fn (mixed $passed): bool => (bool) $passed)->all();
    }

    protected $table = 'scale_checks';

    protected $guarded = [];

    protected $casts = ['passed' => 'boolean', 'day' => 'date'];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
