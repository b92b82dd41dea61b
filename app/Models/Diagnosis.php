<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a weighing was said to come from, once and for good.
 *
 * @property string $weighing_id
 * @property string|null $cause
 * @property list<array{cause: string, with: string|null, p: float, low: float, high: float, way: array<string, mixed>|null}> $causes best first
 */
final class Diagnosis extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $primaryKey = 'weighing_id';

    protected $table = 'diagnoses';

    protected $guarded = [];

    protected $casts = ['causes' => 'array'];

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
