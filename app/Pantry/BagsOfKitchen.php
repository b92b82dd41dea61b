<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Models\Bag;
use App\Models\Kitchen;
use App\Models\OwnWeight;
use App\Weighings\CountedWeighings;
use App\Words\Said;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Standard\BagChange;

/** Whether a bag seems to have been changed without a word. */
final class BagsOfKitchen
{
    /**
     * A quiet sentence where careful weighings since the figure was taken on, or the bag opened, say that the food is another; else
     * null.
     */
    public static function notice(Kitchen $kitchen, Ingredient $food): ?string
    {
        $own = $kitchen->ownWeights->first(
            static fn (OwnWeight $one): bool => $one->ingredient_id === $food->id && $one->trials !== null,
        );
        if ($own === null) {
            return null;
        }
        $opened = Bag::of($kitchen->bags, $food->id, $kitchen->school->today())?->opened_on;
        $since = $opened !== null && $opened->greaterThan($own->updated_at) ? $opened : $own->updated_at;
        $shares = [];
        foreach (CountedWeighings::of($kitchen, $food->id, $since->format('Y-m-d H:i:s')) as $weighing) {
            // Only what was judged by the figure says something of it.
            $share = $weighing->line->frozen->food->ingredient->trials === null ? null : BagChange::shareOf($weighing->judgement);
            if ($share !== null) {
                $shares[] = $share;
            }
        }
        $change = BagChange::seenIn($shares);

        return $change === null ? null : Said::phrase($change->said($food->id));
    }
}
