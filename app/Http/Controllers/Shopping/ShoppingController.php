<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shopping;

use App\Http\Controllers\Controller;
use App\Http\Requests\Shopping\PackRequest;
use App\Http\Requests\Shopping\WeekRequest;
use App\Http\Views\Shopping\ShoppingPage;
use App\Models\FoodPack;
use App\Models\Teacher;
use App\Shopping\WeekShopping;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

final class ShoppingController extends Controller
{
    /** What the teacher's classes need in the week of a day, together. */
    public function show(WeekRequest $request, #[CurrentUser('teacher')] Teacher $teacher): ShoppingPage
    {
        return ShoppingPage::of(WeekShopping::of($teacher, $request->day()));
    }

    /** How the kitchen buys a food, and what it has of it. */
    public function update(PackRequest $request, string $ingredient, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        FoodPack::query()->updateOrCreate(
            ['kitchen_id' => $teacher->kitchen_id, 'ingredient_id' => $ingredient], $request->kept($ingredient),
        );

        return response()->noContent();
    }

    /** Forget how it is bought, and what there is of it. */
    public function destroy(string $ingredient, #[CurrentUser('teacher')] Teacher $teacher): Response
    {
        FoodPack::query()->where('kitchen_id', $teacher->kitchen_id)->where('ingredient_id', $ingredient)->delete();

        return response()->noContent();
    }
}
