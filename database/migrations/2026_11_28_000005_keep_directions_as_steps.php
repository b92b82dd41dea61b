<?php

declare(strict_types=1);

use App\Models\Kitchen;
use Hovik\Core\JsonInput;
use Hovik\Core\Recipe\Directions\DirectionStep;
use Hovik\Core\Recipe\Directions\ProposedSteps;
use Hovik\Core\Recipe\RecipeLine;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Directions were a list of sentences; each becomes a step, with what it uses and who does it as its words propose. */
return new class extends Migration
{
    public function up(): void
    {
        $versions = DB::table('recipe_versions')->join('recipes', 'recipes.id', '=', 'recipe_versions.recipe_id')
            ->get(['recipe_versions.id', 'recipe_versions.lines', 'recipe_versions.directions', 'recipes.kitchen_id']);
        foreach ($versions as $version) {
            $pantry = Kitchen::query()->findOrFail($version->kitchen_id)->pantry();
            $lines = new JsonInput(['lines' => json_decode($version->lines, true, 64, JSON_THROW_ON_ERROR)]);
            $texts = new JsonInput(['texts' => json_decode($version->directions, true, 64, JSON_THROW_ON_ERROR)]);
            $steps = (new ProposedSteps($pantry, array_map(RecipeLine::fromArray(...), $lines->objects('lines'))))->of($texts->texts('texts'));
            DB::table('recipe_versions')->where('id', $version->id)->update(['directions' => json_encode(
                array_map(static fn (DirectionStep $step): array => $step->toArray(), $steps), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            )]);
        }
    }
};
