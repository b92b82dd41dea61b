<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What a teacher wants to remember when a recipe is used again. It is the recipe's, and outlasts the lab it was written in.
 *
 * @property int $id
 * @property int $recipe_id
 * @property int|null $lab_id
 * @property int $teacher_id
 * @property string $lab  what it was called
 * @property Carbon $day
 * @property string $text
 */
final class RecipeNote extends Model
{
    protected $table = 'recipe_notes';

    protected $guarded = [];

    protected $casts = ['day' => 'date'];
}
