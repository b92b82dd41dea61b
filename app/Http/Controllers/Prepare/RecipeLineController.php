<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\SettleLinesRequest;
use App\Http\Requests\Prepare\SettleRequest;
use App\Models\Kitchen;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use App\Models\Teacher;
use Closure;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Words\Phrase;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final class RecipeLineController extends Controller
{
    /** Settle what a line of the newest version means, leave it out, or go back to how it was read. */
    public function update(
        SettleRequest $request, Recipe $recipe, string $line, #[CurrentUser('teacher')] Teacher $teacher,
    ): Response {
        $this->settle($recipe, [$line], function (RecipeLine $one) use ($request, $recipe, $teacher): RecipeLine {
            $answered = $request->answered($one);
            $kitchen = Kitchen::query()->findOrFail($recipe->kitchen_id);
            $word = $request->meaning($one);
            if ($word !== null && $answered->ingredient !== null) {
                $kitchen->update(['meanings' => [$word => $answered->ingredient] + ($kitchen->meanings ?? [])]);
            }
            if ($request->boolean('always') && $answered->gramsPerUsCup !== null) {
                $kitchen->ownWeights()->updateOrCreate(['ingredient_id' => $answered->ingredient, 'handling' => ''], [
                    'own_standard_id' => null, 'trials' => null, 'relative_u' => null,
                    'g_per_us_cup' => $answered->gramsPerUsCup, 'teacher_id' => $teacher->id,
                    'reason' => mb_substr($recipe->title, 0, 200),
                ]);
            }

            return $answered;
        });

        return response()->noContent();
    }

    /** Several lines of the newest version that are nothing to measure: headings, or left out. */
    public function store(SettleLinesRequest $request, Recipe $recipe): Response
    {
        $this->settle($recipe, $request->lines(), $request->answered(...));

        return response()->noContent();
    }

    /**
     * @param  list<string>  $ids
     * @param  Closure(RecipeLine): RecipeLine  $answered
     */
    private function settle(Recipe $recipe, array $ids, Closure $answered): void
    {
        DB::transaction(function () use ($recipe, $ids, $answered): void {
            RecipeVersion::query()->where('recipe_id', $recipe->id)->lockForUpdate()->pluck('id');
            $version = $recipe->newest()->sole();
            if (array_diff($ids, array_column($version->lines, 'id')) !== []) {
                throw InvalidInput::because('line', Phrase::of('refusal.no-such-line'));
            }
            $version->update(['lines' => array_map(
                static fn (RecipeLine $one): RecipeLine => in_array($one->id, $ids, true) ? $answered($one) : $one,
                $version->lines,
            )]);
        });
    }
}
