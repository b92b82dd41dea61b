<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\Pantry\NewIngredientRequest;
use App\Http\Requests\Pantry\OwnWeightRequest;
use App\Http\Views\MadeByName;
use App\Http\Views\Pantry\PantryEntry;
use App\Models\Teacher;
use App\Pantry\KeepStandard;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class PantryController extends Controller
{
    /**
     * Every food as this kitchen has it.
     *
     * @return list<PantryEntry>
     */
    public function index(#[CurrentUser('teacher')] Teacher $teacher): array
    {
        return PantryEntry::all($teacher->kitchen->load('ownWeights.teacher'));
    }

    /** Add a food that the reference does not know. */
    public function store(NewIngredientRequest $request, #[CurrentUser('teacher')] Teacher $teacher): MadeByName
    {
        $new = $request->ingredient();
        $teacher->kitchen->ownIngredients()->create([
            'teacher_id' => $teacher->id,
            'ingredient_id' => $new->id,
            'family' => $new->family,
            'grams' => (string) $new->grams,
            'allergens' => $new->allergens,
            'reason' => $request->string('reason')->toString(),
        ]);

        return new MadeByName($new->id);
    }

    /** The kitchen's own weight of a food, with the reason why. */
    public function update(OwnWeightRequest $request, string $ingredient, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $own = $request->weights() + ['teacher_id' => $teacher->id, 'reason' => $request->string('reason')->toString()];
        $teacher->kitchen->ownWeights()->updateOrCreate(
            ['ingredient_id' => $ingredient, 'handling' => ''], $own + ['own_standard_id' => null, 'trials' => null, 'relative_u' => null],
        );

        return response()->noContent();
    }

    /** Back to the reference; an added food goes. */
    public function destroy(string $ingredient, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        (new KeepStandard)->end($teacher->kitchen, $ingredient);
        $teacher->kitchen->ownWeights()->where('ingredient_id', $ingredient)->delete();
        $teacher->kitchen->ownIngredients()->where('ingredient_id', $ingredient)->delete();

        return response()->noContent();
    }
}
