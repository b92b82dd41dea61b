<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/**
 * A package of a food that a kitchen opened: what is weighed of the food from that day on is from it.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property int $teacher_id
 * @property string $ingredient_id
 * @property string $name
 * @property Carbon $opened_on
 */
final class Bag extends Model
{
    protected $table = 'bags';

    protected $guarded = [];

    protected $casts = ['opened_on' => 'date'];

    /**
     * The one that was open on a day.
     *
     * @param  Collection<int, self>  $bags  of one kitchen
     */
    public static function of(Collection $bags, string $food, string $day): ?self
    {
        return $bags->filter(
            static fn (self $bag): bool => $bag->ingredient_id === $food && $bag->opened_on->toDateString() <= $day,
        )->sortBy(static fn (self $bag): array => [$bag->opened_on->toDateString(), $bag->id])->last();
    }
}
