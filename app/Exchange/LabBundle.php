<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Lab;
use App\Models\LabItem;
use App\Models\Recipe;
use App\Models\Section;
use App\Models\Teacher;
use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Conversion;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Quantity\MeasureStandard;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Strictness;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use JsonException;

/** A lab to share: what it asks for and the recipe it was made from, without any class, student or weighing. */
final class LabBundle
{
    private const KIND = 'hovik-lab';

    /** Of the format; a bundle with a higher one is refused. */
    private const VERSION = 1;

    private const MOST_LINES = 60;

    /** @return array<string, mixed> */
    public static function write(Lab $lab): array
    {
        $version = $lab->recipeVersion;

        return [
            'kind' => self::KIND,
            'version' => self::VERSION,
            'title' => $lab->title,
            'factor' => $lab->factor,
            'items' => $lab->items->map(fn (LabItem $item): array => [
                'text' => $item->text, 'ingredient' => $item->ingredient_id, 'amount' => $item->amount, 'unit' => $item->unit,
                'method' => $item->method, 'strictness' => $item->strictness->value, 'tolerance_pct' => $item->tolerance(),
            ])->all(),
            'recipe' => $version === null ? null : ['title' => $version->recipe->title, 'makes' => $version->makes, 'lines' => $version->lines, 'directions' => $version->directions],
        ];
    }

    /** @throws ValidationException naming the line that cannot be used; nothing is stored then */
    public static function read(string $text, Section $section, Teacher $teacher): Lab
    {
        try {
            $bundle = json_decode($text, true, 24, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            self::refuse('not_json');
        }
        if (! is_array($bundle) || ($bundle['kind'] ?? null) !== self::KIND || ! is_array($bundle['items'] ?? null) || ! is_string($bundle['title'] ?? null)) {
            self::refuse('not_a_lab');
        }
        if (! is_int($bundle['version'] ?? null) || $bundle['version'] > self::VERSION) {
            self::refuse('newer');
        }
        if ($bundle['items'] === [] || count($bundle['items']) > self::MOST_LINES) {
            self::refuse('lines');
        }
        $items = [];
        foreach (array_values($bundle['items']) as $i => $item) {
            $items[] = ['position' => $i + 1] + self::item(is_array($item) ? $item : [], $i + 1);
        }
        $factor = self::text($bundle['factor'] ?? '1', 40) ?? '1';
        $title = mb_substr(trim(strip_tags($bundle['title'])), 0, 80);

        return DB::transaction(function () use ($bundle, $section, $teacher, $items, $factor, $title): Lab {
            $lab = $section->labs()->create([
                'title' => $title === '' ? '-' : $title, 'planned_for' => now($section->kitchen->time_zone)->toDateString(), 'state' => Lab::PREPARED,
                'factor' => $factor, 'recipe_version_id' => self::recipe($bundle['recipe'] ?? null, $section, $teacher),
            ]);
            $lab->items()->createMany($items);

            return $lab;
        });
    }

    /**
     * @param  array<array-key, mixed>  $item
     * @return array<string, mixed>
     */
    private static function item(array $item, int $row): array
    {
        try {
            $ingredient = Pantry::reference()->ingredient(self::text($item['ingredient'] ?? null, 60) ?? '');
            $amount = Amount::of(self::text($item['amount'] ?? null, 40) ?? '', Unit::named(self::text($item['unit'] ?? null, 20) ?? ''));
            $method = isset($item['method']) ? HouseMethod::named(self::text($item['method'], 24) ?? '') : null;
            TechniqueCatalogue::methodFor($ingredient, $method);
            Conversion::toGrams($amount, $ingredient, MeasureStandard::UsCustomary, Pantry::reference(), $method?->handling());
        } catch (InvalidInput $refusal) {
            throw ValidationException::withMessages(['text' => [__('refusals.row', ['row' => $row]).' '.$refusal->getMessage()]]);
        }
        $tolerance = $item['tolerance_pct'] ?? null;

        return [
            'text' => self::text($item['text'] ?? null, 300), 'ingredient_id' => $ingredient->id, 'amount' => KitchenNotation::write($amount->number), 'unit' => $amount->unit->value,
            'method' => $method?->value, 'strictness' => (Strictness::tryFrom(self::text($item['strictness'] ?? null, 12) ?? '') ?? Strictness::Structural)->value,
            'tolerance_pct' => is_numeric($tolerance) && $tolerance > 0 && $tolerance <= 100 ? (float) $tolerance : null,
        ];
    }

    private static function recipe(mixed $recipe, Section $section, Teacher $teacher): ?int
    {
        if (! is_array($recipe) || ! is_array($recipe['lines'] ?? null)) {
            return null;
        }
        $texts = array_map(static fn (mixed $line): ?string => self::text(is_array($line) ? $line['text'] ?? null : $line, 300), $recipe['lines']);
        $kept = Recipe::query()->create(['kitchen_id' => $section->kitchen_id, 'title' => self::text($recipe['title'] ?? null, 120) ?? '-']);

        return $kept->versions()->create([
            'teacher_id' => $teacher->id, 'number' => 1, 'makes' => self::text($recipe['makes'] ?? null, 60),
            'lines' => array_map(static fn (string $text): array => ['text' => $text, 'settled' => null, 'skip' => false], array_slice(self::filled($texts), 0, 300)),
            'directions' => self::filled(array_map(static fn (mixed $step): ?string => self::text($step, 2000), array_slice((array) ($recipe['directions'] ?? []), 0, 300))),
        ])->id;
    }

    /**
     * @param  array<array-key, string|null>  $texts
     * @return list<string>
     */
    private static function filled(array $texts): array
    {
        return array_values(array_filter($texts, static fn (?string $text): bool => $text !== null));
    }

    private static function text(mixed $value, int $longest): ?string
    {
        return is_scalar($value) && trim((string) $value) !== '' ? mb_substr(trim((string) $value), 0, $longest) : null;
    }

    private static function refuse(string $why): never
    {
        throw ValidationException::withMessages(['text' => [__("refusals.bundle_$why")]]);
    }
}
