<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStored;
use Hovik\Core\Marks\Rubric as CoreRubric;

/**
 * A rubric that a kitchen's teachers use. A lab gets a copy: what is changed here later changes no mark.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property CoreRubric $rubric
 */
final class Rubric extends Model
{
    protected $table = 'rubrics';

    protected $guarded = [];

    protected $casts = ['rubric' => AsStored::class.':'.CoreRubric::class];
}
