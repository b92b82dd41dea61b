<?php

declare(strict_types=1);

namespace App\Http\Controllers\Prepare;

use App\Http\Controllers\Controller;
use App\Http\Requests\Prepare\DirectionRequest;
use App\Models\Recipe;
use App\Models\RecipeVersion;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final class RecipeDirectionController extends Controller
{
    /** Settle who does a step of the newest version's directions (counted from 1), what it uses, whether in gloves, and a note. */
    public function update(DirectionRequest $request, Recipe $recipe, int $step): Response
    {
        DB::transaction(function () use ($request, $recipe, $step): void {
            RecipeVersion::query()->where('recipe_id', $recipe->id)->lockForUpdate()->pluck('id');
            $version = $recipe->newest()->sole();
            $directions = $version->directions;
            $one = $directions[$step - 1] ?? throw InvalidInput::because('step', Phrase::of('refusal.no-such-direction'));
            $directions[$step - 1] = $request->settled($one, $version->lines);
            $version->update(['directions' => $directions]);
        });

        return response()->noContent();
    }
}
