<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A measuring tool a kitchen owns: how many of it, and its volume once checked with water.
 *
 * @property int $id
 * @property string $catalogue_id
 * @property int $count
 * @property string|null $true_ml
 * @property string|null $place
 * @property int $in_set  how many lie in every station's own set
 * @property int $retired  of them: broken, bent, or off by too much
 * @property list<string> $worn  marks that cannot be read any more
 */
final class Tool extends Model
{
    protected $table = 'tools';

    protected $guarded = [];

    protected $casts = ['worn' => 'array'];
}
