<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pantry;

use App\Http\Controllers\Controller;
use App\Http\Requests\Pantry\BagRequest;
use App\Http\Requests\Pantry\StandardRequest;
use App\Http\Views\Pantry\StandardPage;
use App\Models\Teacher;
use App\Pantry\KeepStandard;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** What a kitchen's own food weighs, by trials. */
final class StandardController extends Controller
{
    /** Trials of a food, what they say, and what others publish. */
    public function show(string $ingredient, #[CurrentUser('teacher')] Teacher $teacher): StandardPage
    {
        return StandardPage::of($teacher->kitchen, $ingredient);
    }

    /** Trials as they stand now: one more, one left out, another tool. */
    public function update(
        StandardRequest $request, string $ingredient, #[CurrentUser('teacher')] Teacher $teacher, KeepStandard $keeping,
    ): StandardPage {
        $kitchen = $teacher->kitchen;
        $keeping->keep($kitchen, $ingredient, $teacher, $request->columns($kitchen));

        return StandardPage::of($kitchen, $ingredient);
    }

    /** Targets planned from now on go by it. */
    public function adopt(string $ingredient, #[CurrentUser('teacher')] Teacher $teacher, KeepStandard $keeping): Response
    {
        $keeping->adopt($teacher->kitchen, $ingredient, $teacher);

        return response()->noContent();
    }

    /** Back to the book. */
    public function destroy(string $ingredient, #[CurrentUser('teacher')] Teacher $teacher, KeepStandard $keeping): Response
    {
        $keeping->end($teacher->kitchen, $ingredient);

        return response()->noContent();
    }

    /** A new bag is open. */
    public function bag(BagRequest $request, string $ingredient, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        $kitchen = $teacher->kitchen;
        $kitchen->pantry()->ingredient($ingredient);
        $kitchen->bags()->create($request->validated() + ['ingredient_id' => $ingredient, 'teacher_id' => $teacher->id]);

        return response()->noContent();
    }
}
