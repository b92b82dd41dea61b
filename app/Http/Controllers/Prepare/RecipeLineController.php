<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\SettleRequest;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use Hovik\Core\InvalidInput;
use Hovik\Core\Recipe\RecipeLine;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

final class RecipeLineController extends Controller
{
    /** Settle what a line of the newest version means, leave it out, or go back to how it was read. */
    public function update(SettleRequest $request, Recipe $recipe, string $line): Response
    {
        Gate::authorize('use', $recipe);
        DB::transaction(function () use ($request, $recipe, $line): void {
            RecipeVersion::query()->where('recipe_id', $recipe->id)->lockForUpdate()->pluck('id');
            $version = $recipe->newest()->sole();
            if (! in_array($line, array_column($version->lines, 'id'), true)) {
                throw InvalidInput::because('line', Phrase::of('refusal.no-such-line'));
            }
            $version->update(['lines' => array_map(
                static fn (RecipeLine $one): RecipeLine => $one->id === $line ? $request->answered($one) : $one,
                $version->lines,
            )]);
        });

        return response()->noContent();
    }
}
