<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Lab;
use App\Models\RecipeVersion;
use App\Models\Section;
use App\Models\Teacher;
use App\Recipes\KeepRecipe;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\Recipe;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;

/** Takes a shared lab into a class, whole or not at all: the lab, its recipe, and foods that the kitchen does not know yet. */
final readonly class TakeInLab
{
    public function __construct(private KeepRecipe $keeping)
    {
    }

    /** @throws InvalidInput naming what cannot be used; nothing is stored then */
    public function take(string $text, Section $section, string $day, Teacher $teacher): Lab
    {
        $kitchen = $section->kitchen;
        try {
            $bundle = LabBundle::read($text, $kitchen->pantry());
        } catch (InvalidInput $refusal) {
            // Whatever it is about, it stands in the file: the reader has one field.
            $where = preg_match('~^(items|foods)\.(\d+)~', $refusal->field, $m) === 1 ? (int) $m[2] + 1 : null;

            throw InvalidInput::because(
                'text',
                $where === null ? $refusal->phrase : Phrase::of('refusal.in-row', ['row' => $where, 'why' => $refusal->phrase]),
            );
        }

        return DB::transaction(function () use ($bundle, $section, $day, $kitchen, $teacher): Lab {
            $there = $kitchen->pantry()->ids();
            foreach ($bundle->foods as $food) {
                if (! in_array($food->id, $there, true)) {
                    $kitchen->ownIngredients()->create([
                        'teacher_id' => $teacher->id, 'ingredient_id' => $food->id, 'family' => $food->family,
                        'grams' => (string) $food->grams,
                        'allergens' => $food->allergens, 'reason' => Said::phrase(
                            Phrase::of('reason.came-with-lab', ['title' => $bundle->title]),
                        ),
                    ]);
                }
            }
            $lab = $section->labs()->create([
                'title' => $bundle->title,
                'planned_for' => $day,
                'state' => LabState::Prepared,
                'factor' => $bundle->factor,
                'recipe_version_id' => $bundle->recipe === null ? null : $this->recipe($bundle, $bundle->recipe, $section, $teacher)->id,
            ]);
            $lab->items()->createMany(array_map(
                static fn (BundleItem $item, int $i): array => ['position' => $i + 1] + $item->columns(),
                $bundle->items,
                array_keys($bundle->items),
            ));

            return $lab;
        });
    }

    /** @param  list<string>  $lines */
    private function recipe(LabBundle $bundle, array $lines, Section $section, Teacher $teacher): RecipeVersion
    {
        $reader = new LineReader($section->kitchen->refresh()->pantry());
        $read = new Recipe($bundle->recipeTitle, $bundle->makes, array_map($reader->read(...), $lines), $bundle->directions);

        return $this->keeping->keep($section->kitchen, $teacher, $bundle->recipeTitle ?? '-', $read)->newest;
    }
}
