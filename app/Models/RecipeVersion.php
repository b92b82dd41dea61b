<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsStoredList;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\RecipeLine;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a recipe said at one time. Its words never change; a change makes a new version. What the teacher settled about a line
 * is kept with it: that changes how it is read, not what it says.
 *
 * @property int $id
 * @property int $recipe_id
 * @property int $number
 * @property string|null $makes
 * @property string|null $note
 * @property list<RecipeLine> $lines
 * @property list<DirectionStep> $directions
 * @property Carbon $created_at
 * @property-read Recipe $recipe
 * @property-read Teacher $teacher
 */
final class RecipeVersion extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'recipe_versions';

    protected $guarded = [];

    protected $casts = ['lines' => AsStoredList::class.':'.RecipeLine::class, 'directions' => AsStoredList::class.':'.DirectionStep::class];

    /** @return list<string> its directions as written */
    public function steps(): array
    {
        return array_column($this->directions, 'text');
    }

    /** How many things it asks for; a heading is none. */
    public function ingredientCount(): int
    {
        return count(array_filter($this->lines, static fn (RecipeLine $line): bool => ! $line->heading));
    }

    /** @return BelongsTo<Recipe, $this> */
    public function recipe(): BelongsTo
    {
        return $this->belongsTo(Recipe::class);
    }

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }
}
