<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Exceptions\Refusal;
use App\Models\Lab;
use App\Models\Section;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Recipe\ScaledLine;
use Hovik\Core\Weighing\Strictness;
use Illuminate\Support\Facades\DB;

/** Makes a prepared lab from a recipe at a factor: every line that is settled and wanted becomes an item. */
final class MakeLab
{
    /**
     * @param  Factor  $each  how much of the recipe each station makes
     *
     * @throws Refusal when no line can be measured
     */
    public function make(RecipeSheet $sheet, Factor $each, Section $section, string $title, string $day): Lab
    {
        $lines = array_filter($sheet->at($each)->lines);
        if ($lines === []) {
            throw new Refusal('lab_empty');
        }

        return DB::transaction(function () use ($sheet, $each, $section, $title, $day, $lines): Lab {
            $lab = $section->labs()->create([
                'title' => $title, 'planned_for' => $day, 'recipe_version_id' => $sheet->version->id, 'factor' => $each->text(), 'state' => Lab::PREPARED,
            ]);
            $position = 0;
            foreach ($lines as $index => $line) {
                $lab->items()->create(self::item($line, $sheet->lines[$index]->read->text, ++$position));
            }

            return $lab;
        });
    }

    /** @return array<string, mixed> */
    private static function item(ScaledLine $scaled, string $text, int $position): array
    {
        return [
            'position' => $position,
            'text' => $text,
            'ingredient_id' => $scaled->line->ingredient->id,
            'amount' => KitchenNotation::write($scaled->amount->number),
            'unit' => $scaled->amount->unit->value,
            'method' => $scaled->line->method?->value,
            'strictness' => Strictness::usual($scaled->line->ingredient)->value,
        ];
    }
}
