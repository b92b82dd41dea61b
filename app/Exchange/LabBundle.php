<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Lab;
use App\Models\OwnIngredient;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\NewIngredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Words\OwnName;
use Hovik\Core\Words\Phrase;

/** A lab to share: what it asks for and the recipe it was made from, without any class, student or weighing. */
final readonly class LabBundle
{
    private const KIND = 'hovik-lab';

    /** Of the format; a bundle with a higher one is refused. 2: mode and shelf of a line, the kitchen's own foods. */
    private const VERSION = 2;

    private const MOST_LINES = 60;

    private const MOST_STEPS = 300;

    /**
     * @param  list<BundleItem>  $items
     * @param  list<NewIngredient>  $foods  that are no part of the reference
     * @param  list<string>|null  $recipe  its lines as written; null where there is no recipe
     * @param  list<string>  $directions
     */
    private function __construct(
        public string $title,
        public Factor $factor,
        public array $items,
        public array $foods,
        public ?string $recipeTitle,
        public ?string $makes,
        public ?array $recipe,
        public array $directions,
    ) {
    }

    public static function of(Lab $lab): self
    {
        $version = $lab->recipeVersion;
        $used = $lab->items->pluck('ingredient_id');

        return new self(
            title: $lab->title,
            factor: $lab->factor,
            items: array_values($lab->items->map(BundleItem::of(...))->all()),
            foods: array_values(
                $lab->section->kitchen->ownIngredients->whereIn('ingredient_id', $used)
                    ->map(fn (OwnIngredient $own): NewIngredient => $own->toCore())->all(),
            ),
            recipeTitle: $version?->recipe->title,
            makes: $version?->makes,
            recipe: $version === null ? null : array_column($version->lines, 'text'),
            directions: $version?->steps() ?? [],
        );
    }

    /** @return array<string, mixed> as the file has it */
    public function toArray(): array
    {
        return [
            'kind' => self::KIND,
            'version' => self::VERSION,
            'title' => $this->title,
            'factor' => $this->factor->text(),
            'items' => array_map(static fn (BundleItem $item): array => $item->toArray(), $this->items),
            'foods' => array_map(static fn (NewIngredient $food): array => [
                'id' => $food->id, 'family' => $food->family->value, 'grams' => (string) $food->grams, 'allergens' => $food->allergens,
            ], $this->foods),
            'recipe' => $this->recipe === null ? null : [
                'title' => $this->recipeTitle, 'makes' => $this->makes, 'lines' => $this->recipe, 'directions' => $this->directions,
            ],
        ];
    }

    /**
     * @param  Pantry  $pantry  of the kitchen that takes it in
     *
     * @throws InvalidInput naming what cannot be used
     */
    public static function read(string $text, Pantry $pantry): self
    {
        $bundle = json_decode($text, true, 24);
        if (! is_array($bundle)) {
            throw InvalidInput::because('text', Phrase::of('refusal.bundle-not-json'));
        }
        if (($bundle['kind'] ?? null) !== self::KIND || ! is_array($bundle['items'] ?? null) || ! is_string($bundle['title'] ?? null)) {
            throw InvalidInput::because('text', Phrase::of('refusal.bundle-not-a-lab'));
        }
        if (! is_int($bundle['version'] ?? null) || $bundle['version'] > self::VERSION) {
            throw InvalidInput::because('text', Phrase::of('refusal.newer'));
        }
        if ($bundle['items'] === [] || count($bundle['items']) > self::MOST_LINES) {
            throw InvalidInput::because('text', Phrase::of('refusal.bundle-lines', ['most' => self::MOST_LINES]));
        }
        $given = new JsonInput($bundle);
        $foods = array_map(self::food(...), $given->has('foods') ? $given->objects('foods') : []);
        $there = $pantry->adding(
            array_values(array_filter($foods, static fn (NewIngredient $food): bool => ! in_array($food->id, $pantry->ids(), true))),
        );
        $recipe = is_array($bundle['recipe'] ?? null) ? $bundle['recipe'] : null;
        $title = self::text($bundle['title'], 80);

        return new self(
            title: $title ?? '-',
            factor: Factor::of(self::text($bundle['factor'] ?? null, 40) ?? '1'),
            items: self::items($given, $there),
            foods: $foods,
            recipeTitle: self::text($recipe['title'] ?? null, 120),
            makes: self::text($recipe['makes'] ?? null, 60),
            recipe: $recipe === null ? null : self::lines($recipe['lines'] ?? null, 300),
            directions: self::lines($recipe['directions'] ?? null, 2000),
        );
    }

    /** @return list<BundleItem> */
    private static function items(JsonInput $given, Pantry $pantry): array
    {
        $items = [];
        foreach ($given->objects('items') as $i => $item) {
            try {
                $items[] = BundleItem::read($item, $pantry);
            } catch (InvalidInput $refusal) {
                throw InvalidInput::because("items.$i.$refusal->field", $refusal->phrase);
            }
        }

        return $items;
    }

    private static function food(JsonInput $food): NewIngredient
    {
        return NewIngredient::named(OwnName::of($food->text('id')), $food->text('family'), $food->text('grams'), $food->texts('allergens'));
    }

    /** @return list<string> */
    private static function lines(mixed $lines, int $longest): array
    {
        $texts = array_map(
            static fn (mixed $line): ?string => self::text(is_array($line) ? $line['text'] ?? null : $line, $longest),
            is_array($lines) ? array_slice($lines, 0, self::MOST_STEPS) : [],
        );

        return array_values(array_filter($texts, is_string(...)));
    }

    private static function text(mixed $value, int $longest): ?string
    {
        $text = is_scalar($value) ? trim(strip_tags((string) $value)) : '';

        return $text === '' ? null : mb_substr($text, 0, $longest);
    }
}
