<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Exceptions\Refusal;
use App\Models\Lab;
use App\Models\Section;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Weighing\Strictness;
use Illuminate\Support\Facades\DB;

/** Makes a prepared lab from a recipe at a factor: every line that is settled and wanted becomes an item. */
final class MakeLab
{
    /** @throws Refusal when no line can be measured */
    public function make(RecipeSheet $sheet, Section $section, string $title, string $day): Lab
    {
        $lines = array_values(array_filter($sheet->lines, static fn (SheetLine $line): bool => $line->scaled !== null));
        if ($lines === []) {
            throw new Refusal('lab_empty');
        }

        return DB::transaction(function () use ($sheet, $section, $title, $day, $lines): Lab {
            $lab = $section->labs()->create([
                'title' => $title, 'planned_for' => $day, 'recipe_version_id' => $sheet->version->id, 'factor' => $sheet->factor->text(), 'state' => Lab::PREPARED,
            ]);
            foreach ($lines as $position => $line) {
                $lab->items()->create(self::item($line, $position + 1));
            }

            return $lab;
        });
    }

    /** @return array<string, mixed> */
    private static function item(SheetLine $line, int $position): array
    {
        $scaled = $line->scaled ?? throw new \LogicException;

        return [
            'position' => $position,
            'text' => $line->read->text,
            'ingredient_id' => $scaled->line->ingredient->id,
            'amount' => KitchenNotation::write($scaled->amount->number),
            'unit' => $scaled->amount->unit->value,
            'method' => $scaled->line->method?->value,
            'strictness' => Strictness::usual($scaled->line->ingredient)->value,
        ];
    }
}
