<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How far a class's term has been looked at.
 *
 * @property int $section_id
 * @property \Illuminate\Support\Carbon|null $updated_at
 * @property array<int, string> $heard  by lab: how much had happened in it when its rows were made
 */
final class KeptTerm extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'section_id';

    protected $table = 'kept_terms';

    protected $guarded = [];

    protected $casts = ['heard' => 'array'];
}
