<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Exceptions\Refusal;
use App\Models\Bag;
use App\Models\Kitchen;
use App\Models\OwnStandard;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;

/** A kitchen's own weights by trials: collected, adopted, given up; and the bags they are of. */
final class KeepStandard
{
    /** The one that is collected now; one that was adopted already is gone on with as a new one. */
    public static function collecting(Kitchen $kitchen, string $food): ?OwnStandard
    {
        return OwnStandard::query()->where('kitchen_id', $kitchen->id)->where('ingredient_id', $food)
            ->where('adopted_at', null)->where('ended_at', null)->first();
    }

    /**
     * The food, as this kitchen has it.
     *
     * @throws InvalidInput where there is no such food, or it is not measured by the cup
     */
    public static function food(Kitchen $kitchen, string $food): Ingredient
    {
        $ingredient = $kitchen->pantry()->ingredient($food);

        return $ingredient->gramsPerUsCup !== null ? $ingredient : throw InvalidInput::because(
            'ingredient', Phrase::of('refusal.counted', ['name' => Phrase::of("ingredient.$food")]),
        );
    }

    public static function adopted(Kitchen $kitchen, string $food): ?OwnStandard
    {
        return OwnStandard::query()->where('kitchen_id', $kitchen->id)->where('ingredient_id', $food)
            ->where('adopted_at', '<>', null)->where('ended_at', null)->get()->last();
    }

    /** @param  array<string, mixed>  $columns */
    public function keep(Kitchen $kitchen, string $food, Teacher $teacher, array $columns): OwnStandard
    {
        return DB::transaction(function () use ($kitchen, $food, $teacher, $columns): OwnStandard {
            self::food($kitchen, $food); // refuses what is none
            Kitchen::query()->whereKey($kitchen->id)->lockForUpdate()->value('id'); // two windows make one
            $standard = self::collecting($kitchen, $food) ?? new OwnStandard(['kitchen_id' => $kitchen->id, 'ingredient_id' => $food]);
            $bag = Bag::of($kitchen->bags, $food, $kitchen->school->today());
            $standard->fill(['teacher_id' => $teacher->id, 'bag_id' => $bag?->id] + $columns)->save();

            return $standard;
        });
    }

    /** Targets planned from now on go by it; what was judged keeps what it had. */
    public function adopt(Kitchen $kitchen, string $food, Teacher $teacher): OwnStandard
    {
        return DB::transaction(function () use ($kitchen, $food, $teacher): OwnStandard {
            $standard = self::collecting($kitchen, $food);
            $found = $standard?->found();
            if ($standard === null || $found === null) {
                throw new Refusal('refusal.too-few-trials');
            }
            OwnStandard::query()->where('kitchen_id', $kitchen->id)->where('ingredient_id', $food)
                ->where('handling', $standard->handling)->whereNotNull('adopted_at')->whereNull('ended_at')
                ->update(['ended_at' => now()]);
            $standard->update(['adopted_at' => now(), 'teacher_id' => $teacher->id]);
            $isUsual = $standard->handling === Pantry::reference()->adding($kitchen->addedFoods())->ingredient($food)->referenceHandling;
            $kitchen->ownWeights()->updateOrCreate(
                ['ingredient_id' => $food, 'handling' => $isUsual ? '' : $standard->handling->value],
                [
                    'teacher_id' => $teacher->id, 'g_per_us_cup' => (string) $found->figure(), 'own_standard_id' => $standard->id,
                    'trials' => $found->counted()->n(), 'relative_u' => $found->relativeU($standard->tool()->relativeUncertainty()),
                    'reason' => '',
                ],
            );

            return $standard;
        });
    }

    /** Back to the book: trials stay in the record. */
    public function end(Kitchen $kitchen, string $food): void
    {
        DB::transaction(function () use ($kitchen, $food): void {
            OwnStandard::query()->where('kitchen_id', $kitchen->id)->where('ingredient_id', $food)->whereNull('ended_at')
                ->update(['ended_at' => now()]);
            $kitchen->ownWeights()->where('ingredient_id', $food)->whereNotNull('own_standard_id')->delete();
        });
    }
}
