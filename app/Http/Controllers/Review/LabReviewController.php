<?php

declare(strict_types=1);

namespace App\Http\Controllers\Review;

use App\Exceptions\Refusal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Review\NoteRequest;
use App\Http\Views\Review\LabReviewPage;
use App\Models\Lab;
use App\Models\RecipeNote;
use App\Models\Teacher;
use App\Review\KeepTerm;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** A lab, looked back on. */
final class LabReviewController extends Controller
{
    /** What was Level, what misses came from, and how the lab went. */
    public function show(Lab $lab, KeepTerm $keeping): LabReviewPage
    {
        return LabReviewPage::of($lab, $keeping);
    }

    /** Looked back on: Today lists it no more. */
    public function read(Lab $lab): Response
    {
        $lab->update(['read_at' => $lab->read_at ?? now()]);

        return response()->noContent();
    }

    /** What to remember when its recipe is used again. */
    public function note(NoteRequest $request, Lab $lab, #[CurrentUser] Teacher $teacher): Response
    {
        $recipe = $lab->recipeVersion->recipe_id ?? throw new Refusal('refusal.no-recipe');
        $request->text() === ''
            ? RecipeNote::query()->where('lab_id', $lab->id)->delete()
            : RecipeNote::query()->updateOrCreate(['recipe_id' => $recipe, 'lab_id' => $lab->id], [
                'text' => $request->text(), 'teacher_id' => $teacher->id, 'lab' => $lab->title, 'day' => $lab->planned_for->toDateString(),
            ]);

        return response()->noContent();
    }
}
