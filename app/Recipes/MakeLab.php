<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Exceptions\Refusal;
use App\Models\Lab;
use App\Models\Section;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Weighing\Strictness;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Facades\DB;

/** Makes a prepared lab from a recipe: every line that is settled and wanted becomes an item. */
final class MakeLab
{
    /**
     * @param  ScaledRecipe  $recipe  as much of it as each station makes
     *
     * @throws Refusal when no line can be measured
     * @throws InvalidInput when a line does not say which kind of food it means
     */
    public function make(ScaledRecipe $recipe, Section $section, string $title, string $day): Lab
    {
        $open = array_filter($recipe->lines, static fn (ScaledRecipeLine $line): bool => $line->asksKind());
        if ($open !== []) {
            throw InvalidInput::because('lines', Phrase::of('refusal.kinds-open', [
                'lines' => implode(', ', array_map(static fn (ScaledRecipeLine $line): string => $line->read->text, $open)),
            ]));
        }
        $items = [];
        foreach ($recipe->lines as $line) {
            if ($line->scaled !== null) {
                $items[] = [
                    'position' => 1 + count($items),
                    'text' => $line->read->text,
                    'ingredient_id' => $line->scaled->line->ingredient->id,
                    'amount' => $line->scaled->amount,
                    'method' => $line->scaled->line->method,
                    'g_per_us_cup' => $line->scaled->line->gramsPerUsCup,
                    'strictness' => Strictness::usual($line->scaled->line->ingredient),
                    // Nobody can check a pinch: it is measured, and has no target, unless the teacher gave an amount.
                    'mode' => $line->read->has(Flag::NotCheckable) && ! $line->kept->isSettled()
                        ? MeasuringMode::Volume : $section->houseRules()->measuresBy(),
                ];
            }
        }
        if ($items === []) {
            throw new Refusal('refusal.lab-empty');
        }

        return DB::transaction(function () use ($recipe, $section, $title, $day, $items): Lab {
            $lab = $section->labs()->create([
                'title' => $title,
                'planned_for' => $day,
                'recipe_version_id' => $recipe->version->id,
                'factor' => $recipe->factor,
                'state' => LabState::Prepared,
            ]);
            $lab->items()->createMany($items);

            return $lab;
        });
    }
}
