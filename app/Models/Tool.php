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
 */
final class Tool extends Model
{
    protected $table = 'tools';

    protected $guarded = [];
}
