<?php

declare(strict_types=1);

namespace App\Models;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\NewIngredient;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A food a kitchen added to its pantry.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $ingredient_id
 * @property Family $family
 * @property string $grams
 * @property list<string> $allergens
 * @property string $reason
 * @property-read Teacher $teacher
 */
final class OwnIngredient extends Model
{
    protected $table = 'own_ingredients';

    protected $guarded = [];

    protected $casts = ['allergens' => 'array', 'family' => Family::class];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    public function toCore(): NewIngredient
    {
        return NewIngredient::known($this->ingredient_id, $this->family, $this->grams, $this->allergens);
    }
}
